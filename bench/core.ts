import ColorJs from 'colorjs.io';
import { converter, differenceCiede2000, formatHex, interpolate, samples, toGamut } from 'culori';
import * as gifenc from 'gifenc';
import * as spectral from 'spectral.js';
import { readColour } from '../src/lib/core/colour/read';
import { toLinear } from '../src/lib/core/colour/colour';
import { linearToHex } from '../src/lib/core/colour/bytes';
import { mapToGamut } from '../src/lib/core/colour/gamut';
import { fromPolar, linearToOklab, toPolar } from '../src/lib/core/colour/oklab';
import { type Triple } from '../src/lib/core/colour/vector';
import { linearToXyz } from '../src/lib/core/colour/xyz';
import { ciede2000 } from '../src/lib/core/difference/ciede2000';
import { linearToLab } from '../src/lib/core/difference/lab-of-linear';
import { makeScale } from '../src/lib/core/scale/scale';
import { appearanceOf, conditionsOf, type Viewing } from '../src/lib/core/ground/cam16';
import { mixPaint } from '../src/lib/core/mix/paint';
import { coloursOfPicture } from '../src/lib/core/picture/group';
import { randomHex, seeded } from '../tests/support/colours';
import { keptSum, run, type Race } from './race';

const next = seeded(2);
const HEXES = Array.from({ length: 4001 }, () => randomHex(next));
const LABS = HEXES.map((hex) => linearToLab(toLinear(readColour(hex))));
const CULORI_LABS = LABS.map(([l, a, b]) => ({ mode: 'lab65', l, a, b }) as const);
const STRONG = Array.from({ length: 1000 }, (): Triple => [0.05 + 0.9 * next(), 0.1 + 0.3 * next(), 360 * next()]);
const STRONG_CULORI = STRONG.map(([l, c, h]) => ({ mode: 'oklch', l, c, h }) as const);
const CULORI = 'culori 4.0.2';

const pairs = (count: number, work: (a: string, b: string) => number) => (): number => {
	let sum = 0;
	for (let i = 0; i < count; i++) sum += work(HEXES[i]!, HEXES[i + 1]!);
	return sum;
};

const scaleRace = (inAll: number): Race => {
	const shares = samples(inAll);
	return {
		work: `scale of ${inAll} steps in OKLab, hex to hex`,
		reference: CULORI,
		goal: 8,
		ours: pairs(400, (a, b) => {
			const parents = [readColour(a), readColour(b)];
			const { steps } = makeScale({
				recipe: 'interval',
				parents,
				between: inAll - 2,
				method: 'oklab',
				spacing: 'shares'
			});
			return steps[2]!.hex.charCodeAt(3);
		}),
		theirs: pairs(400, (a, b) => {
			const mix = interpolate([a, b], 'oklab');
			return shares.map((share) => formatHex(mix(share)))[2]!.charCodeAt(3);
		})
	};
};

const LINEARS = HEXES.map((hex) => toLinear(readColour(hex)));
const SPECTRAL = HEXES.slice(0, 201).map((hex) => new spectral.Color(hex));
const paintRace = (inAll: number, goal: number): Race => {
	const shares = samples(inAll);
	return {
		work: inAll === 3 ? 'paint mix, half and half' : `paint scale of ${inAll} steps`,
		reference: 'spectral.js 3.0.0',
		goal,
		ours: () => {
			let sum = 0;
			for (let i = 0; i < 200; i++)
				for (const share of inAll === 3 ? [0.5] : shares)
					sum += mixPaint([
						{ linear: LINEARS[i]!, weight: 1 - share },
						{ linear: LINEARS[i + 1]!, weight: share }
					])[1];
			return sum;
		},
		theirs: () => {
			let sum = 0;
			for (let i = 0; i < 200; i++)
				for (const share of inAll === 3 ? [0.5] : shares)
					sum += spectral.mix([SPECTRAL[i]!, 1 - share], [SPECTRAL[i + 1]!, share]).lRGB[1]!;
			return sum;
		}
	};
};

const VIEWING: Viewing = { white: [95.047, 100, 108.883], adapting: 16, background: 20, surround: 'average' };
const CONDITIONS = conditionsOf(VIEWING);
const XYZ = LINEARS.slice(0, 500).map((linear) => linearToXyz(linear).map((x) => 100 * x) as Triple);
const COLORJS = XYZ.map((xyz) => new ColorJs('xyz-d65', xyz.map((x) => x / 100) as Triple));

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
const pictureRace = (count: number): Race => ({
	work: `12 megapixels to ${count} colours`,
	reference: 'gifenc 1.0.3, rgb444',
	goal: 5,
	ours: () => coloursOfPicture(PICTURE, WIDE, count, 'area', 1).length,
	theirs: () => gifenc.quantize(PICTURE, count, { format: 'rgb444' }).length
});

const oklch = converter('oklch');
const difference = differenceCiede2000();
const map = toGamut('rgb', 'oklch');

const RACES: readonly Race[] = [
	{
		work: 'hex to OKLCH, checked input',
		reference: CULORI,
		goal: 5,
		ours: pairs(4000, (hex) => toPolar(linearToOklab(...toLinear(readColour(hex))))[1]),
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
	scaleRace(9),
	scaleRace(21),
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
	},
	paintRace(3, 8),
	paintRace(9, 5),
	{
		work: 'appearance by CIECAM16',
		reference: 'colorjs.io 0.7.1',
		goal: 1,
		ours: () => {
			let sum = 0;
			for (const xyz of XYZ) sum += appearanceOf(xyz, CONDITIONS).J;
			return sum;
		},
		theirs: () => {
			let sum = 0;
			for (const colour of COLORJS) sum += colour.to('cam16-jmh').coords[0] ?? 0;
			return sum;
		}
	},
	pictureRace(5),
	pictureRace(16)
];

console.log('| work | beside | ours is faster by | of rounds, 10 % to 90 % | goal |');
console.log('| --- | --- | ---: | --- | ---: |');
for (const race of RACES) {
	const { work, reference, goal, ratio, spread } = run(race);
	const [low, high] = spread;
	console.log(`| ${work} | ${reference} | ${ratio.toFixed(1)} × | ${low.toFixed(1)}–${high.toFixed(1)} | ${goal} × |`);
}
console.log(`\n(checksum ${keptSum().toFixed(0)})`);
