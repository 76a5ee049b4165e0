import { type Box } from '$lib/drawing/box';
import { type Of } from '$lib/drawing/drawing';
import { litPicture, type Lighting } from '$lib/core/matching/lit-colours';
import { FINE_WIDTH, PICTURE, type LitForm } from '$lib/core/matching/lit-shares';

/** What was drawn last of a form, so that a turned dial draws only what it changes. */
interface Drawn {
	readonly key: string;
	readonly codes: Uint32Array;
}
const MOST = 6;

/** Remembers the last few drawings of each form by a key. */
function few(draw: (form: LitForm, key: string) => Uint32Array): (form: LitForm, key: string) => Uint32Array {
	const known = new WeakMap<LitForm, Drawn[]>();
	return (form, key) => {
		const all = known.get(form) ?? [];
		const found = all.find((each) => each.key === key) ?? { key, codes: draw(form, key) };
		known.set(form, [found, ...all.filter((each) => each !== found)].slice(0, MOST));
		return found.codes;
	};
}

/** Places at a border between two regions, each with the other region; found once for a form. */
interface Borders {
	readonly places: Uint32Array;
	readonly others: Uint8Array;
}
const borders = new WeakMap<LitForm, Borders>();

function bordersOf(form: LitForm): Borders {
	const known = borders.get(form);
	if (known) return known;
	const { regions } = form;
	const found: [number, number][] = [];
	for (let i = 0; i < regions.length; i++)
		for (const by of [1, FINE_WIDTH]) {
			const other = regions[i + by];
			if (other !== undefined && other !== regions[i]) found.push([i, other]);
		}
	const made = {
		places: Uint32Array.from(found, ([place]) => place),
		others: Uint8Array.from(found, ([, other]) => other)
	};
	borders.set(form, made);
	return made;
}

/** A little darker, or lighter where it is dark. */
function borderOn(code: number): number {
	const [r, g, b] = [code >> 16, (code >> 8) & 0xff, code & 0xff];
	const by = r + g + b > 240 ? -26 : 26;
	return (Math.max(0, r + by) << 16) | (Math.max(0, g + by) << 8) | Math.max(0, b + by);
}

const picture = few((form, key) => litPicture(JSON.parse(key) as Lighting, form));
const flat = few((form, key) => {
	const fills = Uint32Array.from(JSON.parse(key) as number[]);
	const codes = new Uint32Array(form.regions.length);
	const { regions } = form;
	for (let i = 0; i < codes.length; i++) codes[i] = fills[regions[i]!]!;
	// Where two regions have one colour, as all have at first, a fine line keeps them apart.
	const { places, others } = bordersOf(form);
	places.forEach((place, i) => {
		const own = fills[regions[place]!]!;
		if (fills[others[i]!] === own) codes[place] = borderOn(own);
	});
	return codes;
});

/** The form as it is seen, smooth. */
export const pictureOf = (lighting: Lighting, form: LitForm, box: Box): Of<'raster'> => ({
	kind: 'raster',
	...box,
	columns: PICTURE.width,
	codes: picture(form, JSON.stringify(lighting))
});

/** The form in its regions, each in one colour, as numbers 0xrrggbb. */
export const regionsIn = (form: LitForm, fills: readonly number[], box: Box): Of<'raster'> => ({
	kind: 'raster',
	...box,
	columns: FINE_WIDTH,
	codes: flat(form, JSON.stringify(fills))
});
