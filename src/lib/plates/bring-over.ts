import { type Settings } from './exercise';

/** A plate as it was stored, of whatever shape. */
export type StoredPlate = Readonly<Record<string, unknown>>;

/** These fields, as far as there are any. */
export const pick = (stored: StoredPlate, ...fields: readonly string[]): StoredPlate =>
	Object.fromEntries(fields.flatMap((field) => (stored[field] === undefined ? [] : [[field, stored[field]]])));

/** How a kind finds in a plate of the first format what belongs to what. */
interface FirstFormat {
	/** The fields that are common to its exercises. */
	readonly common: readonly string[];
	/** What each exercise had, under its name. */
	readonly settingsIn: (stored: StoredPlate) => Readonly<Record<string, StoredPlate>>;
	/** How an exercise is begun on a plate with these common fields. */
	readonly begin: (name: string, common: StoredPlate) => Settings;
}

/**
 * A plate of the first format, in which the exercise was only a name and the settings of all lay beside what is common, in today's
 * shape: the exercise that was shown with its settings, and those of the others as far as somebody had set them; what stands as it
 * is begun is begun again when it is first shown. An exercise that there is not is left as it is, to be refused with its name.
 */
export function bringOver(stored: StoredPlate, { common: fields, settingsIn, begin }: FirstFormat): unknown {
	const { exercise: shown, id } = stored;
	if (typeof shown !== 'string' || typeof id !== 'string') return stored;
	const common = pick(stored, ...fields);
	const settings = settingsIn(stored);
	if (!Object.hasOwn(settings, shown)) return { ...common, exercise: { name: shown }, aside: {} };
	const whole = (name: string): StoredPlate => ({ ...begin(name, common), ...settings[name] });
	const others = Object.keys(settings).filter((name) => name !== shown);
	const changed = others.filter((name) => !sameFields(whole(name), { ...begin(name, common) }));
	return { ...common, exercise: whole(shown), aside: Object.fromEntries(changed.map((name) => [name, whole(name)])) };
}

const sameFields = (one: StoredPlate, other: StoredPlate): boolean =>
	Object.keys(one).every((field) => JSON.stringify(one[field]) === JSON.stringify(other[field]));
