import { z } from 'zod';
import { kindOf } from '../../src/lib/plates/kinds';
import { plateSchema, type Plate } from '../../src/lib/plates/plate';

/** A schema as it describes itself (JSON Schema), as far as ours use it. */
interface Described {
	readonly type?: string;
	readonly enum?: readonly unknown[];
	readonly const?: unknown;
	readonly anyOf?: readonly Described[];
	readonly oneOf?: readonly Described[];
	readonly properties?: Readonly<Record<string, Described>>;
	readonly items?: Described;
	readonly minimum?: number;
	readonly maximum?: number;
}

const variantsOf = ({ anyOf, oneOf }: Described): readonly Described[] => anyOf ?? oneOf ?? [];
const PLATES = variantsOf(z.toJSONSchema(plateSchema, { io: 'output', unrepresentable: 'any' }) as Described);

/** A plate in each exercise that its kind has, or just itself, each with a name. */
export function inEveryExercise(plate: Plate): { name: string; plate: Plate }[] {
	const { exercises } = kindOf(plate);
	if (!exercises) return [{ name: plate.kind, plate }];
	return exercises.names.map((name) => ({ name: `${plate.kind}, ${name}`, plate: exercises.change(plate, name) }));
}

/** What a field can be at its ends: every choice, both truths, the least and the most. Null where it is none of these. */
function endsOf(field: Described): readonly unknown[] | null {
	if (field.const !== undefined) return null;
	if (field.enum) return field.enum;
	if (field.type === 'boolean') return [true, false];
	if (field.type === 'number' || field.type === 'integer')
		return field.minimum === undefined || field.maximum === undefined ? null : [field.minimum, field.maximum];
	return null;
}

/** Every field of a plate of this kind and exercise that has ends, with its path: "inside.count", "scales.0.between". */
export function fieldsOf(plate: Plate): { path: string; ends: readonly unknown[] }[] {
	const schema = PLATES.find(({ properties }) => properties?.kind?.const === plate.kind)!;
	const shown = 'exercise' in plate ? plate.exercise.name : null;
	const found: { path: string; ends: readonly unknown[] }[] = [];
	const walk = (field: Described, path: string): void => {
		const ends = endsOf(field);
		if (ends) found.push({ path, ends });
		const variants = variantsOf(field);
		// Numbers that are one of a few, such as the hues of a wheel.
		if (variants.length > 0 && variants.every((each) => each.const !== undefined))
			found.push({ path, ends: variants.map((each) => each.const) });
		const variant = variants.find(({ properties }) => properties?.name?.const === shown);
		if (path === 'exercise' && variant) walk(variant, path);
		for (const [name, inner] of Object.entries(field.properties ?? {})) {
			// What was left is not drawn.
			if (path !== '' || name !== 'aside') walk(inner, path ? `${path}.${name}` : name);
		}
		if (field.items && ['scales', 'parents', 'others'].includes(path.split('.').at(-1)!))
			walk(field.items, `${path}.0`);
	};
	walk(schema, '');
	return found.filter(({ path }) => !path.endsWith('id'));
}

/** A copy with a field set; null where the plate has no such place. */
export function withField(plate: Plate, path: string, value: unknown): Plate | null {
	const copy: unknown = structuredClone(plate);
	const steps = path.split('.');
	let at = copy as Record<string, unknown>;
	for (const step of steps.slice(0, -1)) {
		const next = at[step];
		if (typeof next !== 'object' || next === null) return null;
		at = next as Record<string, unknown>;
	}
	at[steps.at(-1)!] = value;
	const read = plateSchema.safeParse(copy);
	return read.success ? read.data : null;
}
