import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { type DesignReadings } from '../pattern/read-design';
import { numbered } from '../pattern/remarks';
import { besideLimit } from '../say-number';
import { type SentenceKey } from '../sentence-keys';
import { type Verdict } from './rules';

/** What a brief can ask of a design. */
export type PatternRule =
	/** Every colour that is laid out for it covers something. */
	| { readonly rule: 'uses-all' }
	/** So many colours at most. */
	| { readonly rule: 'at-most'; readonly most: number }
	/** Each colour that is used covers so much of what is filled, 0–1. */
	| { readonly rule: 'each-share'; readonly least: number }
	/** Neighbours differ by so many ΔE00. */
	| { readonly rule: 'told-apart'; readonly least: number }
	/** Every colour that is used lies within so many ΔE00 of one of the palette (CSS texts). */
	| { readonly rule: 'palette-only'; readonly palette: readonly string[]; readonly within: number };

/** A design as it was made: what was read of it, its colours in linear sRGB, and their names. */
export interface MadeDesign {
	readonly readings: DesignReadings;
	readonly laid: readonly Triple[];
}

const number = (index: number): string => `Colour ${index + 1}`;
const SAME_SHARE = 1e-9;
const perCent = (share: number, limit: number): string => `${besideLimit(100 * share, 100 * limit)} %`;
const verdict = (key: SentenceKey, holds: boolean, reason: string): Verdict => ({ holds, key, reason, step: null });

function judgePalette({ readings, laid }: MadeDesign, palette: readonly string[], within: number): Verdict {
	const from = palette.map((text) => toLinear(readColour(text)));
	const offs = laid.flatMap((colour, i) =>
		readings.shares[i]! > 0 ? [{ i, off: Math.min(...from.map((other) => differenceOfLinear(colour, other))) }] : []
	);
	const farthest = offs.reduce((worst, each) => (each.off > worst.off ? each : worst), offs[0]!);
	const said = besideLimit(farthest.off, within, 1);
	const judged =
		farthest.off <= within
			? verdict('pattern.palette', true, `All colours are of the palette, within ${said} ΔE00.`)
			: verdict('pattern.palette', false, `${number(farthest.i)} is ${said} ΔE00 from the palette’s nearest colour.`);
	return { ...judged, figure: said };
}

/** Whether a design meets a rule, and why. */
export function judgePattern(made: MadeDesign, rule: PatternRule): Verdict {
	const { readings } = made;
	const { shares, unused, nearest } = readings;
	if (readings.filled === 0) return verdict('pattern.empty', false, 'No cell has a colour yet.');
	const used = shares.flatMap((share, i) => (share > 0 ? [{ i, share }] : []));
	switch (rule.rule) {
		case 'uses-all':
			return unused.length === 0
				? verdict('pattern.uses-all', true, `All ${shares.length} colours are used.`)
				: verdict(
						'pattern.uses-all',
						false,
						`Colour${unused.length === 1 ? '' : 's'} ${numbered(unused)} ${unused.length === 1 ? 'is' : 'are'} not used.`
					);
		case 'at-most':
			return {
				...verdict(
					'pattern.at-most',
					used.length <= rule.most,
					`${used.length} colour${used.length === 1 ? ' is' : 's are'} used.`
				),
				figure: String(used.length)
			};
		case 'each-share': {
			const least = used.reduce((low, each) => (each.share < low.share ? each : low));
			// A tenth that was added up of areas is a tenth.
			const share = Math.abs(least.share - rule.least) < SAME_SHARE ? rule.least : least.share;
			const figure = perCent(share, rule.least);
			const reason = `${number(least.i)} covers least: ${figure}.`;
			return { ...verdict('pattern.each-share', share >= rule.least, reason), figure };
		}
		case 'told-apart': {
			if (!nearest) return verdict('pattern.told-apart', true, 'No two colours touch.');
			const figure = besideLimit(nearest.difference, rule.least, 1);
			const reason = `Colours ${numbered([nearest.one, nearest.other])} touch, ${figure} ΔE00 apart.`;
			return { ...verdict('pattern.told-apart', nearest.difference >= rule.least, reason), figure };
		}
		case 'palette-only':
			return judgePalette(made, rule.palette, rule.within);
	}
}
