import { fitted } from '$lib/core/colour/shown';
import { seenColour, type Strengths } from '$lib/core/ground/on-ground';
import { scoreMatch, shiftWords, type MatchScore } from '$lib/core/matching/score';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { type GroundsCommon } from './common';

type Linked = readonly LinkedColour[];

/** A figure on a ground with what the model says it looks like on a neutral board. */
export interface Seen {
	readonly figure: Patch;
	readonly ground: Patch;
	/** As a screen can show it. */
	readonly looks: Patch;
	/** How that differs from the figure itself, in words and numbers. */
	readonly shift: Pick<MatchScore, 'value' | 'chroma' | 'words'>;
}

/** What a figure looks like on a ground by the model, at these strengths. */
export function seenOn(figure: Patch, ground: Patch, strengths: Strengths): Seen {
	const looks = patchOf(fitted(seenColour(figure.linear, ground.linear, strengths)).linear);
	return {
		figure,
		ground,
		looks,
		shift: { ...scoreMatch(looks.linear, figure.linear), words: shiftWords(looks.linear, figure.linear) }
	};
}

/** Both grounds, and the figure on the first. */
export const bothGrounds = ({ grounds, figures }: GroundsCommon, linked: Linked) => ({
	grounds: [patchBy(grounds[0], linked), patchBy(grounds[1], linked)] as const,
	figure: patchBy(figures[0], linked)
});

/** The two figures on their grounds: one colour on both, or two. */
export function pairOf(common: GroundsCommon, linked: Linked, twoFigures = false): readonly [Seen, Seen] {
	const { grounds, figure } = bothGrounds(common, linked);
	const second = twoFigures ? patchBy(common.figures[1], linked) : figure;
	return [seenOn(figure, grounds[0], common.strengths), seenOn(second, grounds[1], common.strengths)];
}
