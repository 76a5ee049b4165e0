import { type Triple } from '../colour/vector';
import { FORMS, SURFACES, type FormName } from './forms/forms';
import { dot, REACH, unit, type Surface } from './forms/surface';

/** The regions that draughtsmen tell apart on a lit form; the first five are the form's own. */
export const LIT_REGIONS = ['light', 'half-tone', 'shadow', 'reflected', 'highlight', 'background'] as const;
export type LitRegion = (typeof LIT_REGIONS)[number];
/** On which side the lamp stands. */
export const LAMPS = ['left', 'right'] as const;
export type Lamp = (typeof LAMPS)[number];

/** Where light comes from: the lamp, at the left; and what is thrown back, from low at the other side. Unit vectors, x right, y up, z to the viewer. */
export const TO_LAMP: Readonly<Triple> = unit([-0.62, 0.62, 0.42]);
export const TO_THROWN: Readonly<Triple> = unit([0.78, -0.6, 0.18]);
const TO_VIEWER: Readonly<Triple> = [0, 0, 1];
/** From this cosine of the lamp's angle on a surface is in the light, and from this on in half-tone (our choice). */
export const LIT_FROM = { light: 0.6, halfTone: 0.12 } as const;
/** From this share of the light that is thrown back on a shadow counts as reflected light (our choice). */
export const THROWN_FROM = 0.36;
/** The exponent of the glossy lobe (B. T. Phong 1975), and the share of it from which on it is the highlight. */
export const GLOSSY = { exponent: 14, from: 0.5 } as const;
/** How high thrown light reaches: whole at the lower edge of the picture, nothing from here on. */
export const THROWN_UP_TO = 0.3;
/** The wall behind loses so much of the lamp's light across the picture, from the lamp's side on. */
export const WALL = { cosine: 0.55, loss: 0.3 } as const;

/** How much of each light a place takes: of the lamp's, of what is thrown back, and of the glossy lobe; 0–1. */
export interface LitShares {
	readonly lamp: number;
	readonly thrown: number;
	readonly gloss: number;
}

const within = (x: number): number => Math.max(0, Math.min(1, x));

/** What one place takes of lamp, thrown light and gloss: written into by whoever looks at it, so that looking builds nothing. */
type Taken = Float64Array;

/** What a surface with this normal takes of each light, at a height y of the picture. */
function takeShares(taken: Taken, normal: Readonly<Triple>, y: number): void {
	const facing = dot(normal, TO_LAMP);
	const mirrored = 2 * facing * dot(normal, TO_VIEWER) - dot(TO_LAMP, TO_VIEWER);
	const reaches = within((THROWN_UP_TO - y) / (THROWN_UP_TO + REACH));
	taken[0] = Math.max(0, facing);
	taken[1] = Math.max(0, dot(normal, TO_THROWN)) * reaches;
	taken[2] = facing > 0 && mirrored > 0 ? mirrored ** GLOSSY.exponent : 0;
}

/** What a share of the wall behind takes of the lamp, x from −1 at the lamp's side. */
export const wallShare = (x: number): number => WALL.cosine * (1 - (WALL.loss * (x + 1)) / 2);

const NUMBER = Object.fromEntries(LIT_REGIONS.map((region, i) => [region, i])) as Readonly<Record<LitRegion, number>>;

/** The number of the region that a place of the form belongs to. */
function regionOf(taken: Taken): number {
	if (taken[2]! >= GLOSSY.from) return NUMBER.highlight;
	if (taken[0]! >= LIT_FROM.light) return NUMBER.light;
	if (taken[0]! >= LIT_FROM.halfTone) return NUMBER['half-tone'];
	return taken[1]! >= THROWN_FROM ? NUMBER.reflected : NUMBER.shadow;
}

/** Pixels of a lit picture; its regions are told apart twice as finely. */
export const PICTURE = { width: 280, height: 308 } as const;
const FINE = 2;
export const FINE_WIDTH = FINE * PICTURE.width;
export const FINE_HEIGHT = FINE * PICTURE.height;

/** A lit form apart from all colours. */
export interface LitForm {
	/** The number of the region in `LIT_REGIONS` at each place, twice as fine as the picture. */
	readonly regions: Uint8Array;
	/** For each pixel: how much of it the form covers, the form's shares of lamp, thrown and gloss in it, and the wall's of the lamp. */
	readonly pixels: Float32Array;
	/** The mean shares of each region; of the background its lamp alone counts. */
	readonly means: Readonly<Record<LitRegion, LitShares>>;
	/** The most that any place has of each. */
	readonly most: LitShares;
}
/** Numbers to a pixel in `pixels`. */
export const PER_PIXEL = 5;

/** Sums over the places of each region: of its three shares, and of the places; and the most of each share anywhere. */
class Sums {
	private readonly sums = new Float64Array(4 * LIT_REGIONS.length);
	private readonly most = new Float64Array(3);

	add(region: number, taken: Taken, places: number): void {
		const { sums, most } = this;
		const [lamp, thrown, gloss] = [taken[0]!, taken[1]!, taken[2]!];
		const at = 4 * region;
		sums[at]! += places * lamp;
		sums[at + 1]! += places * thrown;
		sums[at + 2]! += places * gloss;
		sums[at + 3]! += places;
		if (lamp > most[0]!) most[0] = lamp;
		if (thrown > most[1]!) most[1] = thrown;
		if (gloss > most[2]!) most[2] = gloss;
	}

	get highest(): LitShares {
		return { lamp: this.most[0]!, thrown: this.most[1]!, gloss: this.most[2]! };
	}

	get means(): LitForm['means'] {
		const mean = (i: number): LitShares => {
			const [lamp, thrown, gloss, places] = this.sums.subarray(4 * i, 4 * i + 4);
			const by = Math.max(1, places!);
			return { lamp: lamp! / by, thrown: thrown! / by, gloss: gloss! / by };
		};
		return Object.fromEntries(LIT_REGIONS.map((name, i) => [name, mean(i)])) as LitForm['means'];
	}
}

/** Looks at one place: what it takes is written down, and its region given. */
function lookAt(taken: Taken, surface: Surface, x: number, y: number): number {
	const normal = surface(x, y);
	if (normal) {
		takeShares(taken, normal, y);
		return regionOf(taken);
	}
	taken[0] = wallShare(x);
	taken[1] = 0;
	taken[2] = 0;
	return NUMBER.background;
}

const acrossAt = (column: number, columns: number): number => (2 * (column + 0.5)) / columns - 1;
const upAt = (row: number, rows: number): number => REACH * (1 - (2 * (row + 0.5)) / rows);

/** The middle of every pixel, column by column from the lamp's side: its region, and what it takes. */
interface Middles {
	readonly regions: Uint8Array;
	readonly taken: Float64Array;
}

function middles(surface: Surface): Middles {
	const { width, height } = PICTURE;
	const found = { regions: new Uint8Array(width * height), taken: new Float64Array(3 * width * height) };
	for (let at = 0; at < width * height; at++) {
		const [column, row] = [Math.floor(at / height), at % height];
		const taken = found.taken.subarray(3 * at, 3 * at + 3);
		found.regions[at] = lookAt(taken, surface, acrossAt(column, width), upAt(row, height));
	}
	return found;
}

/** Whether all about a pixel is of its region: then it need not be looked at more finely. */
function isPlain(regions: Uint8Array, column: number, row: number): boolean {
	const { width, height } = PICTURE;
	const own = regions[column * height + row]!;
	for (let i = Math.max(0, column - 1); i <= Math.min(width - 1, column + 1); i++)
		for (let j = Math.max(0, row - 1); j <= Math.min(height - 1, row + 1); j++)
			if (regions[i * height + j]! !== own) return false;
	return true;
}

/** What is written down of a form while it is looked at. With the lamp at the right all is as in a mirror. */
class Notes {
	readonly regions = new Uint8Array(FINE_WIDTH * FINE_HEIGHT);
	readonly pixels = new Float32Array(PER_PIXEL * PICTURE.width * PICTURE.height);
	readonly sums = new Sums();

	constructor(private readonly isMirrored: boolean) {}

	/** One of the fine places of a pixel, by their columns and rows. */
	mark(column: number, row: number, region: number): void {
		this.regions[row * FINE_WIDTH + (this.isMirrored ? FINE_WIDTH - 1 - column : column)] = region;
	}

	/** So many of the fine places of a pixel, all alike. */
	put(column: number, row: number, region: number, taken: Taken, places: number): void {
		const { pixels } = this;
		const at = PER_PIXEL * (row * PICTURE.width + (this.isMirrored ? PICTURE.width - 1 - column : column));
		const part = places / (FINE * FINE);
		this.sums.add(region, taken, places);
		if (region === NUMBER.background) {
			pixels[at + 4]! += part * taken[0]!;
			return;
		}
		pixels[at]! += part;
		for (let i = 0; i < 3; i++) pixels[at + 1 + i]! += part * taken[i]!;
	}
}

/** Looks at a surface place by place: twice as finely where regions meet. */
function looked(surface: Surface, lamp: Lamp): LitForm {
	const { height } = PICTURE;
	const notes = new Notes(lamp === 'right');
	const all = middles(surface);
	const fine = new Float64Array(3);
	for (let column = 0; column < FINE_WIDTH; column++) {
		const pixel = column >> 1;
		const x = acrossAt(column, FINE_WIDTH);
		for (let row = 0; row < height; row++) {
			const at = pixel * height + row;
			const plain = isPlain(all.regions, pixel, row);
			if (plain) notes.put(pixel, row, all.regions[at]!, all.taken.subarray(3 * at, 3 * at + 3), FINE);
			for (let line = FINE * row; line < FINE * (row + 1); line++) {
				const region = plain ? all.regions[at]! : lookAt(fine, surface, x, upAt(line, FINE_HEIGHT));
				notes.mark(column, line, region);
				if (!plain) notes.put(pixel, row, region, fine, 1);
			}
		}
	}
	const { regions, pixels, sums } = notes;
	return { regions, pixels, means: sums.means, most: sums.highest };
}

const known: Partial<Record<`${FormName} ${Lamp}`, LitForm>> = {};

/** A form under a lamp from the left or from the right; looked at once. */
export const litForm = (form: FormName, lamp: Lamp): LitForm =>
	(known[`${form} ${lamp}`] ??= looked(SURFACES[form](), lamp));

/** All forms, for whoever goes through them. */
export { FORMS, type FormName };
