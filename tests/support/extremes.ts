import { z } from 'zod';
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

const KINDS =
	(z.toJSONSchema(plateSchema, { io: 'input', unrepresentable: 'any' }) as Described).oneOf ??
	(z.toJSONSchema(plateSchema, { io: 'input', unrepresentable: 'any' }) as Described).anyOf!;

/** What a field can be at its ends: every choice, both truths, the least and the most. Null where it is none of these. */
function endsOf(field: Described): readonly unknown[] | null {
	if (field.const !== undefined) return null;
	if (field.enum) return field.enum;
	if (field.type === 'boolean') return [true, false];
	if (field.type === 'number' || field.type === 'integer')
		return field.minimum === undefined || field.maximum === undefined ? null : [field.minimum, field.maximum];
	return null;
}

/** Every field of a kind of plate that has ends, with its path: "inside.count", "scales.0.between". */
export function fieldsOf(kind: Plate['kind']): { path: string; ends: readonly unknown[] }[] {
	const schema = KINDS.find(({ properties }) => properties?.kind?.const === kind)!;
	const found: { path: string; ends: readonly unknown[] }[] = [];
	const walk = (field: Described, path: string): void => {
		const ends = endsOf(field);
		if (ends) found.push({ path, ends });
		const variants = field.anyOf ?? field.oneOf;
		// Numbers that are one of a few, such as the hues of a wheel.
		if (variants?.every((each) => each.const !== undefined))
			found.push({ path, ends: variants.map((each) => each.const) });
		for (const [name, inner] of Object.entries(field.properties ?? {})) walk(inner, path ? `${path}.${name}` : name);
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
