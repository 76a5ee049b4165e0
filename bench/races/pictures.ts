import { converter } from 'culori';
import * as gifenc from 'gifenc';
import { LINEAR_OF_BYTE } from '../../src/lib/core/colour/bytes';
import { linearToLab } from '../../src/lib/core/difference/lab-of-linear';
import { coloursOfPicture } from '../../src/lib/core/picture/group';
import { labOfPixels } from '../../src/lib/core/picture/lab-of-pixels';
import { CULORI, HEXES } from '../inputs';
import { type Race } from '../race';

const WIDE = 4000;
const HIGH = 3000;
/** A made-up picture of 12 megapixels: soft fields of a few colours with noise. */
const PICTURE = new Uint8Array(4 * WIDE * HIGH);
for (let i = 0; i < WIDE * HIGH; i++) {
	const place = ((i % WIDE) >> 8) + 16 * ((i / WIDE) >> 8);
	const code = parseInt(HEXES[place % 24]!.slice(1), 16);
	PICTURE[4 * i] = (code >> 16) ^ (i & 7);
	PICTURE[4 * i + 1] = ((code >> 8) & 255) ^ ((i >> 3) & 7);
	PICTURE[4 * i + 2] = (code & 255) ^ ((i >> 6) & 7);
	PICTURE[4 * i + 3] = 255;
}

const PIXELS = 1_000_000;
const MEGAPIXEL = PICTURE.subarray(0, 4 * PIXELS);
const OUT = new Float32Array(3 * PIXELS);
const lab65 = converter('lab65');

function culoriLab(): number {
	for (let i = 0; i < PIXELS; i++) {
		const at = 4 * i;
		const { l, a, b } = lab65({
			mode: 'rgb',
			r: MEGAPIXEL[at]! / 255,
			g: MEGAPIXEL[at + 1]! / 255,
			b: MEGAPIXEL[at + 2]! / 255
		});
		OUT[3 * i] = l;
		OUT[3 * i + 1] = a;
		OUT[3 * i + 2] = b;
	}
	return OUT[4]!;
}

function exactLab(): number {
	for (let i = 0; i < PIXELS; i++) {
		const at = 4 * i;
		const lab = linearToLab([
			LINEAR_OF_BYTE[MEGAPIXEL[at]!]!,
			LINEAR_OF_BYTE[MEGAPIXEL[at + 1]!]!,
			LINEAR_OF_BYTE[MEGAPIXEL[at + 2]!]!
		]);
		OUT[3 * i] = lab[0];
		OUT[3 * i + 1] = lab[1];
		OUT[3 * i + 2] = lab[2];
	}
	return OUT[4]!;
}

const groupRace = (count: number): Race => ({
	work: `12 megapixels to ${count} colours`,
	reference: 'gifenc 1.0.3, rgb444',
	goal: 5,
	ours: () => coloursOfPicture(PICTURE, WIDE, count, 'area', 1).length,
	theirs: () => gifenc.quantize(PICTURE, count, { format: 'rgb444' }).length
});

export const PICTURE_RACES: readonly Race[] = [
	{ work: '1 megapixel to Lab, exact', reference: CULORI, goal: 7, ours: exactLab, theirs: culoriLab },
	{
		work: '1 megapixel to Lab, by tables',
		reference: CULORI,
		goal: 10,
		ours: () => labOfPixels(MEGAPIXEL, OUT)[4]!,
		theirs: culoriLab
	},
	groupRace(5),
	groupRace(16)
];
