import { linearToOklch } from '$lib/core/colour/oklab';
import { whatToLookFor, type Lit } from '$lib/core/matching/look-for';
import { scoreMatch, type MatchScore } from '$lib/core/matching/score';
import { type Lighting } from '$lib/core/matching/lit-colours';
import { patchBy, type Patch } from '$lib/drawing/patch';
import { type Region } from './exercise';
import { type Attempt } from './match-state';

/** What came of one region. */
export interface JudgedRegion {
	readonly index: number;
	readonly region: Region;
	readonly yours: Patch;
	readonly score: MatchScore;
	/** What to look for. */
	readonly look: string;
}

/** What came of an attempt: the regions that were set, the farthest off first; those that were left grey are not counted. */
export function judged(
	regions: readonly Region[],
	{ texts, truths = [] }: Attempt,
	lighting: Lighting | null
): JudgedRegion[] {
	return regions
		.flatMap((now, index): JudgedRegion[] => {
			const text = texts[index] ?? null;
			if (text === null) return [];
			const truth = truths[index];
			const region = truth === undefined ? now : { ...now, target: patchBy({ text: truth }, []) };
			const yours = patchBy({ text }, []);
			const lit: Lit | null = region.lit && lighting ? { region: region.lit, lighting } : null;
			const { linear } = region.target;
			return [
				{
					index,
					region,
					yours,
					score: scoreMatch(yours.linear, linear),
					look: whatToLookFor(yours.linear, linear, lit)
				}
			];
		})
		.sort((one, other) => other.score.difference - one.score.difference);
}

/** The means of the errors of an attempt: of value in L*, of chroma and of hue both as OKLab distances × 100. */
export interface MeanErrors {
	readonly value: number;
	readonly chroma: number;
	readonly hue: number;
	readonly difference: number;
}

const chromaOf = ({ linear }: Patch): number => linearToOklch(linear)[1];

/** How far hue is off as a distance: the chord at the mean chroma, OKLab × 100. */
function hueDistance(score: MatchScore, yours: Patch, target: Patch): number {
	if (score.hue === null) return 0;
	return 200 * Math.sqrt(chromaOf(yours) * chromaOf(target)) * Math.sin((Math.abs(score.hue) * Math.PI) / 360);
}

/** The means over the regions that were set; null where none was. */
export function meanErrors(all: readonly JudgedRegion[]): MeanErrors | null {
	if (all.length === 0) return null;
	const mean = (of: (each: JudgedRegion) => number): number =>
		all.reduce((sum, each) => sum + of(each), 0) / all.length;
	return {
		value: mean(({ score }) => Math.abs(score.value)),
		chroma: mean(({ score }) => 100 * Math.abs(score.chroma)),
		hue: mean(({ score, yours, region }) => hueDistance(score, yours, region.target)),
		difference: mean(({ score }) => score.difference)
	};
}
