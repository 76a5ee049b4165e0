import { converter, differenceCiede2000, formatHex, toGamut } from 'culori';
import { linearToHex } from '../../src/lib/core/colour/bytes';
import { toLinear } from '../../src/lib/core/colour/colour';
import { mapToGamut } from '../../src/lib/core/colour/gamut';
import { fromPolar, linearToOklch } from '../../src/lib/core/colour/oklab';
import { readColour } from '../../src/lib/core/colour/read';
import { type Triple } from '../../src/lib/core/colour/vector';
import { ciede2000 } from '../../src/lib/core/difference/ciede2000';
import { CULORI, LABS, next, pairs } from '../inputs';
import { type Race } from '../race';

const CULORI_LABS = LABS.map(([l, a, b]) => ({ mode: 'lab65', l, a, b }) as const);
const STRONG = Array.from({ length: 1000 }, (): Triple => [0.05 + 0.9 * next(), 0.1 + 0.3 * next(), 360 * next()]);
const STRONG_CULORI = STRONG.map(([l, c, h]) => ({ mode: 'oklch', l, c, h }) as const);

const oklch = converter('oklch');
const difference = differenceCiede2000();
const map = toGamut('rgb', 'oklch');

export const COLOUR_RACES: readonly Race[] = [
	{
		work: 'hex to OKLCH, checked input',
		reference: CULORI,
		goal: 5,
		ours: pairs(4000, (hex) => linearToOklch(toLinear(readColour(hex)))[1]),
		theirs: pairs(4000, (hex) => oklch(hex)!.c)
	},
	{
		work: 'CIEDE2000',
		reference: CULORI,
		goal: 2.3,
		ours: () => {
			let sum = 0;
			for (let i = 0; i < 4000; i++) {
				const one = LABS[i]!;
				const other = LABS[i + 1]!;
				sum += ciede2000(one[0], one[1], one[2], other[0], other[1], other[2]);
			}
			return sum;
		},
		theirs: () => {
			let sum = 0;
			for (let i = 0; i < 4000; i++) sum += difference(CULORI_LABS[i]!, CULORI_LABS[i + 1]!);
			return sum;
		}
	},
	{
		work: 'gamut mapping by CSS Color 4, OKLCH to hex',
		reference: CULORI,
		goal: 20,
		ours: () => {
			let sum = 0;
			for (const strong of STRONG) sum += linearToHex(...mapToGamut(...fromPolar(strong))).charCodeAt(2);
			return sum;
		},
		theirs: () => {
			let sum = 0;
			for (const strong of STRONG_CULORI) sum += formatHex(map(strong)).charCodeAt(2);
			return sum;
		}
	}
];
