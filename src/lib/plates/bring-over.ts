import { type Settings } from './exercise';

/** A plate as it was stored, of whatever shape. */
export type StoredPlate = Readonly<Record<string, unknown>>;

/** In the first format the exercise was only a name, and its settings lay beside what is common. */
export const hasExercise = (stored: StoredPlate): stored is StoredPlate & { readonly exercise: string } =>
	typeof stored.exercise === 'string' && typeof stored.id === 'string';

/** These fields, as far as there are any. */
export const pick = (stored: StoredPlate, ...fields: readonly string[]): StoredPlate =>
	Object.fromEntries(fields.flatMap((field) => (stored[field] === undefined ? [] : [[field, stored[field]]])));

/**
 * The exercise that was shown with its settings, and those of the others as far as somebody had set them: what stands as it is begun
 * is begun again when it is first shown. An exercise that there is not is left as it is, to be refused with its name.
 */
export function leftAside(
	shown: string,
	settings: Readonly<Record<string, StoredPlate>>,
	begin: (name: string) => Settings
): { readonly exercise: unknown; readonly aside: Readonly<Record<string, unknown>> } {
	if (!Object.hasOwn(settings, shown)) return { exercise: { name: shown }, aside: {} };
	const whole = (name: string): StoredPlate => ({ ...begin(name), ...settings[name] });
	const others = Object.keys(settings).filter((name) => name !== shown);
	const changed = others.filter((name) => !sameFields(whole(name), { ...begin(name) }));
	return { exercise: whole(shown), aside: Object.fromEntries(changed.map((name) => [name, whole(name)])) };
}

const sameFields = (one: StoredPlate, other: StoredPlate): boolean =>
	Object.keys(one).every((field) => JSON.stringify(one[field]) === JSON.stringify(other[field]));
