import { fit, fitted } from '$lib/core/colour/shown';
import { fromPolar, linearToOklch } from '$lib/core/colour/oklab';
import { holdLuminance } from '$lib/core/colour/hold-luminance';
import { valueToLuminance } from '$lib/core/colour/lab';
import { greatestChroma } from '$lib/core/colour/greatest-chroma';
import { type Triple } from '$lib/core/colour/vector';
import { luminance } from '$lib/core/colour/xyz';
import { inGamut } from '$lib/core/colour/gamut';
import { afterImage } from '$lib/core/ground/after-image';
import { edgeBetween, type Edge } from '$lib/core/ground/edges';
import { seenColour, twoAsOne } from '$lib/core/ground/on-ground';
import { drivenApart } from '$lib/core/ground/propose';
import { likeItsGround } from '$lib/core/ground/search';
import { JUDGED_ROUNDS, judgedPair, type JudgedPair } from '$lib/core/matching/judging';
import { scoreMatch, shiftWords, type MatchScore } from '$lib/core/matching/score';
import { type GroundsPlate } from './schema';
import { remembered } from '$lib/model/remembered';
import { sourcesOfGrounds } from './sources';
import { type LinkedColour } from '$lib/model/linked';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { scaleOf } from '$lib/plates/scales/scale-of';
import { colourOf, textOf } from '$lib/model/resolve';
import { contrastOf, type MadeContrast } from './contrast-of';

/** A figure on a ground with what the model says it looks like on a neutral board. */
export interface Seen {
	readonly figure: Patch;
	readonly ground: Patch;
	/** As a screen can show it. */
	readonly looks: Patch;
	/** How that differs from the figure itself, in words and numbers. */
	readonly shift: Pick<MatchScore, 'value' | 'chroma' | 'words'>;
}

/** All that stands on one ground of a row. */
export interface SeenRow {
	readonly ground: Patch;
	readonly seen: readonly Seen[];
	/** The mean of their shifts: value in L*, chroma of OKLCH. */
	readonly value: number;
	readonly chroma: number;
}

export interface MadeGrounds {
	/** The two figures on their grounds, as the exercise has them. */
	readonly pair: readonly [Seen, Seen];
	/** How far apart (ΔEOK) the two appearances are. */
	readonly apart: number;
	/** What a solved exercise shows: the second figure of two as one, the figure that is like its grounds. */
	readonly solution: (Patch & { readonly fits: boolean; readonly off: number }) | null;
	/** The figure, or each step of a scale, on each ground of a row. */
	readonly row: readonly SeenRow[];
	readonly edge: Edge;
	/** The pair to be judged, and how the answers so far were. */
	readonly judging: { readonly pair: JudgedPair | null; readonly right: readonly boolean[] };
	/** The series of matches of one's own contrast, where the exercise is that. */
	readonly contrast: MadeContrast | null;
	/** What is seen on a neutral field after looking long at the figure. */
	readonly afterImage: Patch;
}

const seen = (figure: Patch, ground: Patch, p: number): Seen => {
	const looks = patchOf(fitted(seenColour(figure.linear, ground.linear, p)).linear);
	return {
		figure,
		ground,
		looks,
		shift: { ...scoreMatch(looks.linear, figure.linear), words: shiftWords(looks.linear, figure.linear) }
	};
};

const GREY_CHROMA = 0.03;

/** The grounds of a row: a ladder of values, a ring of hues, rising chroma, or a palette. */
function groundsOfRow({ row, count, palette }: GroundsPlate, figure: Patch): Patch[] {
	const steps = Array.from({ length: count }, (_, i) => i / (count - 1));
	const [lightness, chroma, hue] = linearToOklch(figure.linear);
	switch (row) {
		case 'values':
			return steps.map((share) => {
				const y = valueToLuminance(100 * share);
				return patchOf([y, y, y]);
			});
		case 'hues':
			return steps.map((_, i) => {
				const [, a, b] = fromPolar([0, Math.max(0.1, chroma), hue + (360 * i) / count]);
				return patchOf(holdLuminance(luminance(...figure.linear), a, b).linear);
			});
		case 'chroma': {
			const at = chroma < GREY_CHROMA ? 30 : hue + 180;
			const most = greatestChroma(lightness, at);
			return steps.map((share) => patchOf(fitted(oklchLinear(lightness, most * share, at)).linear));
		}
		case 'palette':
			return (palette?.colours ?? []).map(({ text }) => patchOf(fit(colourOf(text)).linear));
	}
}

const oklchLinear = (lightness: number, chroma: number, hue: number): Triple =>
	fit({ space: 'oklch', channels: [lightness, chroma, hue], alpha: 1 }).linear;

/** What stands on every ground of a row: the steps of the scale where there is one, or the figure. */
function figuresOfRow({ scale }: GroundsPlate, figure: Patch, linked: readonly LinkedColour[]): readonly Patch[] {
	if (!scale) return [figure];
	return scaleOf(scale, linked).steps.map(({ linear, hex }) => ({ linear, hex }));
}

function rowOf(plate: GroundsPlate, figure: Patch, linked: readonly LinkedColour[]): SeenRow[] {
	const figures = figuresOfRow(plate, figure, linked);
	// A scale is laid over what its middle asks for.
	const middle = figures[Math.floor(figures.length / 2)]!;
	return groundsOfRow(plate, middle).map((ground) => {
		const all = figures.map((each) => seen(each, ground, plate.influence));
		const mean = (of: (each: Seen) => number): number => all.reduce((sum, each) => sum + of(each), 0) / all.length;
		return { ground, seen: all, value: mean(({ shift }) => shift.value), chroma: mean(({ shift }) => shift.chroma) };
	});
}

function solutionOf(
	plate: GroundsPlate,
	figures: readonly Patch[],
	grounds: readonly Patch[]
): MadeGrounds['solution'] {
	const [one, other] = [grounds[0]!.linear, grounds[1]!.linear];
	if (plate.exercise === 'two-as-one') {
		const whole = twoAsOne(figures[0]!.linear, one, other, plate.influence);
		const patch = patchOf(fitted(whole).linear);
		return { ...patch, fits: inGamut(...whole), off: scoreMatch(figures[1]!.linear, patch.linear).difference };
	}
	if (plate.exercise !== 'like-ground') return null;
	const patch = patchOf(likeItsGround(one, other, plate.influence).linear);
	return { ...patch, fits: true, off: scoreMatch(figures[0]!.linear, patch.linear).difference };
}

function judgingOf({ judged }: GroundsPlate): MadeGrounds['judging'] {
	const { series, answers } = judged ?? { series: 0, answers: [] };
	const right = answers.map((answer, round) => judgedPair(series, round).lighter === answer);
	return { pair: answers.length < JUDGED_ROUNDS ? judgedPair(series, answers.length) : null, right };
}

function make(plate: GroundsPlate, linked: readonly LinkedColour[]): MadeGrounds {
	const patch = (source: GroundsPlate['grounds'][0]): Patch => patchOf(fit(colourOf(textOf(source, linked))).linear);
	const grounds = plate.grounds.map(patch);
	const figures = plate.figures.map(patch);
	const p = plate.influence;
	const second = plate.exercise === 'two-as-one' ? figures[1]! : figures[0]!;
	return {
		pair: [seen(figures[0]!, grounds[0]!, p), seen(second, grounds[1]!, p)],
		apart: drivenApart(figures[0]!.linear, [grounds[0]!.linear, grounds[1]!.linear], p),
		solution: solutionOf(plate, figures, grounds),
		row: plate.exercise === 'rows' ? rowOf(plate, figures[0]!, linked) : [],
		judging: judgingOf(plate),
		contrast: plate.exercise === 'own-contrast' ? contrastOf(plate, linked) : null,
		afterImage: patchOf(afterImage(figures[0]!.linear)),
		edge: edgeBetween(grounds[0]!.linear, grounds[1]!.linear)
	};
}

/** A plate of grounds worked out. Reckoned again only when the plate or one of its colours has changed. */
export const groundsOf = remembered(sourcesOfGrounds, make);
