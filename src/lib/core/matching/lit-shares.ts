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

/** What a surface with this normal takes of each light, at a height y of the picture. */
export function sharesAt(normal: Readonly<Triple>, y: number): LitShares {
	const facing = dot(normal, TO_LAMP);
	const mirrored = 2 * facing * dot(normal, TO_VIEWER) - dot(TO_LAMP, TO_VIEWER);
	const reaches = within((THROWN_UP_TO - y) / (THROWN_UP_TO + REACH));
	return {
		lamp: Math.max(0, facing),
		thrown: Math.max(0, dot(normal, TO_THROWN)) * reaches,
		gloss: facing > 0 && mirrored > 0 ? mirrored ** GLOSSY.exponent : 0
	};
}

/** What a share of the wall behind takes of the lamp, x from −1 at the lamp's side. */
export const wallShare = (x: number): number => WALL.cosine * (1 - (WALL.loss * (x + 1)) / 2);

/** Which region a place of the form belongs to. */
export function regionOf({ lamp, thrown, gloss }: LitShares): Exclude<LitRegion, 'background'> {
	if (gloss >= GLOSSY.from) return 'highlight';
	if (lamp >= LIT_FROM.light) return 'light';
	if (lamp >= LIT_FROM.halfTone) return 'half-tone';
	return thrown >= THROWN_FROM ? 'reflected' : 'shadow';
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

const BACKGROUND = LIT_REGIONS.indexOf('background');

/** Sums over the places of each region: of its three shares, and of the places; and the most of each share anywhere. */
class Sums {
	private readonly sums = new Float64Array(4 * LIT_REGIONS.length);
	private readonly most = new Float64Array(3);

	add(region: number, { lamp, thrown, gloss }: LitShares, places: number): void {
		const { sums, most } = this;
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

/** A place of a picture that is so many places wide and high, by its column and row. */
interface Looked {
	readonly region: number;
	readonly shares: LitShares;
}

function lookedAt(surface: Surface, x: number, y: number): Looked {
	const normal = surface(x, y);
	if (!normal) return { region: BACKGROUND, shares: { lamp: wallShare(x), thrown: 0, gloss: 0 } };
	const shares = sharesAt(normal, y);
	return { region: LIT_REGIONS.indexOf(regionOf(shares)), shares };
}

const acrossAt = (column: number, columns: number): number => (2 * (column + 0.5)) / columns - 1;
const upAt = (row: number, rows: number): number => REACH * (1 - (2 * (row + 0.5)) / rows);

/** The middle of every pixel, column by column from the lamp's side. */
function middles(surface: Surface): Looked[] {
	const { width, height } = PICTURE;
	const found: Looked[] = [];
	for (let column = 0; column < width; column++)
		for (let row = 0; row < height; row++) found.push(lookedAt(surface, acrossAt(column, width), upAt(row, height)));
	return found;
}

/** Whether all about a pixel is of its region: then it need not be looked at more finely. */
function isPlain(all: readonly Looked[], column: number, row: number): boolean {
	const { width, height } = PICTURE;
	const own = all[column * height + row]!.region;
	for (let i = Math.max(0, column - 1); i <= Math.min(width - 1, column + 1); i++)
		for (let j = Math.max(0, row - 1); j <= Math.min(height - 1, row + 1); j++)
			if (all[i * height + j]!.region !== own) return false;
	return true;
}

/** Looks at a surface place by place. With the lamp at the right all is as in a mirror. */
function looked(surface: Surface, lamp: Lamp): LitForm {
	const { width, height } = PICTURE;
	const regions = new Uint8Array(FINE_WIDTH * FINE_HEIGHT);
	const pixels = new Float32Array(PER_PIXEL * width * height);
	const sums = new Sums();
	const put = (column: number, row: number, { region, shares }: Looked, places: number): void => {
		const at = PER_PIXEL * (row * width + (lamp === 'left' ? column : width - 1 - column));
		const part = places / (FINE * FINE);
		sums.add(region, shares, places);
		if (region === BACKGROUND) {
			pixels[at + 4]! += part * shares.lamp;
			return;
		}
		pixels[at]! += part;
		pixels[at + 1]! += part * shares.lamp;
		pixels[at + 2]! += part * shares.thrown;
		pixels[at + 3]! += part * shares.gloss;
	};
	const mark = (column: number, row: number, region: number): void => {
		regions[row * FINE_WIDTH + (lamp === 'left' ? column : FINE_WIDTH - 1 - column)] = region;
	};
	const all = middles(surface);
	for (let column = 0; column < width; column++)
		for (let fine = FINE * column; fine < FINE * (column + 1); fine++) {
			const x = acrossAt(fine, FINE_WIDTH);
			for (let row = 0; row < height; row++) {
				const plain = isPlain(all, column, row) ? all[column * height + row]! : null;
				if (plain) put(column, row, plain, FINE);
				for (let line = FINE * row; line < FINE * (row + 1); line++) {
					const there = plain ?? lookedAt(surface, x, upAt(line, FINE_HEIGHT));
					mark(fine, line, there.region);
					if (!plain) put(column, row, there, 1);
				}
			}
		}
	return { regions, pixels, means: sums.means, most: sums.highest };
}

const known: Partial<Record<`${FormName} ${Lamp}`, LitForm>> = {};

/** A form under a lamp from the left or from the right; looked at once. */
export const litForm = (form: FormName, lamp: Lamp): LitForm =>
	(known[`${form} ${lamp}`] ??= looked(SURFACES[form](), lamp));

/** All forms, for whoever goes through them. */
export { FORMS, type FormName };
