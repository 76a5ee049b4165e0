import { convert, hexToRGB, OKLab, RGBToHex, sRGB } from '@texel/color';
import { differenceCiede2000, formatHex, interpolate, samples } from 'culori';
import { readColour } from '../../src/lib/core/colour/read';
import { codesOfScale, makeScale } from '../../src/lib/core/scale/scale';
import { type Spacing } from '../../src/lib/core/scale/spacing';
import { type ScaleSpec } from '../../src/lib/core/scale/spec';
import { CULORI, pairs } from '../inputs';
import { type Race } from '../race';

const specOf = (a: string, b: string, inAll: number, spacing: Spacing = 'shares'): ScaleSpec => ({
	recipe: 'interval',
	parents: [readColour(a), readColour(b)],
	between: inAll - 2,
	method: 'oklab',
	spacing
});

function culoriScale(inAll: number): (a: string, b: string) => number {
	const shares = samples(inAll);
	return (a, b) => {
		const mix = interpolate([a, b], 'oklab');
		return shares.map((share) => formatHex(mix(share)))[2]!.charCodeAt(3);
	};
}

/** The library for tight loops that others measure themselves by: parsed, mixed and written as its own examples do it. */
function texelScale(inAll: number): (a: string, b: string) => number {
	return (a, b) => {
		const from = convert(hexToRGB(a), sRGB, OKLab);
		const to = convert(hexToRGB(b), sRGB, OKLab);
		const codes: string[] = [];
		for (let i = 0; i < inAll; i++) {
			const share = i / (inAll - 1);
			const mixed = from.map((x, k) => x + (to[k]! - x) * share);
			codes.push(RGBToHex(convert(mixed, OKLab, sRGB)));
		}
		return codes[2]!.charCodeAt(3);
	};
}

const codesRaces = (inAll: number): Race[] => {
	const work = `codes of a scale of ${inAll} steps in OKLab, hex to hex`;
	const ours = pairs(400, (a, b) => codesOfScale(specOf(a, b, inAll))[2]!.charCodeAt(3));
	return [
		{ work, reference: CULORI, goal: 8, ours, theirs: pairs(400, culoriScale(inAll)) },
		{ work, reference: '@texel/color 1.1.11', goal: 4, ours, theirs: pairs(400, texelScale(inAll)) }
	];
};

const difference = differenceCiede2000();
const SURVEY = samples(25);
const EVEN_ENOUGH = 1.003;

/** Cuts a way, known at some shares with the lengths between them, into equal parts. */
function equalParts(shares: readonly number[], lengths: readonly number[], intervals: number): number[] {
	const total = lengths.reduce((sum, length) => sum + length, 0);
	const result = [0];
	for (let i = 1, at = 0, passed = 0; i < intervals; i++) {
		const goal = (total * i) / intervals;
		while (at < lengths.length - 1 && passed + lengths[at]! < goal) passed += lengths[at++]!;
		result.push(shares[at]! + ((shares[at + 1]! - shares[at]!) * (goal - passed)) / lengths[at]!);
	}
	return [...result, 1];
}

/** Our way to equal differences (survey, then move again and again), written with the library's functions. */
function evenByCulori(a: string, b: string): number {
	const mix = interpolate([a, b], 'oklab');
	const measure = (shares: readonly number[]): number[] => {
		const colours = shares.map((share) => mix(share));
		return colours.slice(1).map((colour, i) => difference(colours[i]!, colour));
	};
	let best = equalParts(SURVEY, measure(SURVEY), 8);
	let shares = best;
	let bestRatio = Infinity;
	for (let round = 0, stride = 1; round < 40; round++) {
		const lengths = measure(shares);
		const ratio = Math.max(...lengths) / Math.min(...lengths);
		if (ratio < bestRatio) [best, bestRatio] = [shares, ratio];
		else stride *= 0.7;
		if (!(ratio > EVEN_ENOUGH)) break;
		const before = shares;
		shares = equalParts(shares, lengths, 8).map((share, i) => before[i]! + (share - before[i]!) * stride);
	}
	return best.map((share) => formatHex(mix(share)))[2]!.charCodeAt(3);
}

export const SCALE_RACES: readonly Race[] = [
	...codesRaces(9),
	...codesRaces(21),
	{
		work: 'scale of 9 steps with value, share and marks of each',
		reference: `${CULORI} (codes only)`,
		goal: 4,
		ours: pairs(400, (a, b) => makeScale(specOf(a, b, 9)).steps[2]!.hex.charCodeAt(3)),
		theirs: pairs(400, culoriScale(9))
	},
	{
		work: 'even scale of 9 steps',
		reference: `the same steps over ${CULORI}`,
		goal: 4,
		ours: pairs(100, (a, b) => makeScale(specOf(a, b, 9, 'differences')).steps[2]!.hex.charCodeAt(3)),
		theirs: pairs(100, evenByCulori)
	}
];
