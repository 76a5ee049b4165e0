import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { linearToXyz, luminance, WHITE_D65, xyzToLinear } from '../colour/xyz';
import {
	appearanceOf,
	conditionsOf,
	toCones,
	xyzOfAppearance,
	type Appearance,
	type Conditions,
	type Viewing
} from './cam16';

/**
 * How strongly a ground works on a figure: on its value and on its colour, each by a strength of its own (the split is ours: at one
 * strength for both, either greys hardly move or colours move as nobody sees them). Below 0 contrast, above 0 assimilation.
 */
export interface Strengths {
	/** −0.6 to 0.6 */
	readonly value: number;
	/** −0.3 to 0.3 */
	readonly colour: number;
}

/** How far each strength goes to either side. */
export const MOST_STRENGTH: Strengths = { value: 0.6, colour: 0.3 };
/** A grey on black and on white shifts by its familiar 6 to 7 L*, and on a strong red by about 7 in a*b*. */
export const USUAL_STRENGTHS: Strengths = { value: -0.3, colour: -0.08 };

const WHITE = WHITE_D65.map((x) => 100 * x) as Triple;
/** A screen in a room: white about 80 cd/m², a fifth of it as what the eye is adapted to. */
const SCREEN: Viewing = { white: WHITE, adapting: 16, background: 20, surround: 'average' };
/** The neutral board that a figure is compared on: as dark as the background of the viewing, 20 % of white. */
const BOARD_SHARE = 0.2;
const BOARD = toCones(WHITE.map((x) => BOARD_SHARE * x) as Triple);
/** Grounds darker than this share of the board work no stronger: a ratio of nought has no meaning. */
const LEAST_RATIO = 1e-3;
/** Added to both sides of a ratio of colour, so that a ground near black does not act as a strong colour. */
const NEAR_BLACK = 0.01;

const PLAIN = conditionsOf(SCREEN);

const toXyz100 = (linear: ReadonlyTriple): Triple => linearToXyz(linear).map((x) => 100 * x) as Triple;
const fromXyz100 = (xyz: ReadonlyTriple): Triple => xyzToLinear(xyz.map((x) => x / 100) as Triple);

/** The factor by which a proximal field r times as strong as the board alters the reference white (R. W. G. Hunt 1991). */
const altering = (r: number, p: number): number => Math.sqrt(((1 - p) * r + (1 + p) / r) / ((1 + p) * r + (1 - p) / r));

/**
 * The conditions on a ground: the reference white is altered by the ground as proximal field (R. W. G. Hunt, "Revised
 * colour-appearance model …", 1991), by its luminance over the board's at the strength on value, and by what each of its cone
 * responses has beyond that at the strength on colour.
 */
function conditionsOn(ground: ReadonlyTriple, { value, colour }: Strengths): Conditions {
	if (value === 0 && colour === 0) return PLAIN;
	const cones = toCones(toXyz100(ground));
	const ratio = luminance(ground[0], ground[1], ground[2]) / BOARD_SHARE;
	const byValue = altering(Math.max(LEAST_RATIO, ratio), value);
	const altered = toCones(WHITE).map((w, i) => {
		const beyond = (cones[i]! / BOARD[i]! + NEAR_BLACK) / (ratio + NEAR_BLACK);
		return w * byValue * altering(Math.max(LEAST_RATIO, beyond), colour);
	}) as Triple;
	return conditionsOf(SCREEN, altered);
}

/** How a figure looks on a ground (both linear sRGB), as lightness, chroma and hue of CIECAM16. A model, not a law. */
export function looksOn(figure: ReadonlyTriple, ground: ReadonlyTriple, strengths = USUAL_STRENGTHS): Appearance {
	return appearanceOf(toXyz100(figure), conditionsOn(ground, strengths));
}

/** The colour that would look on the neutral board as the figure looks on its ground; linear sRGB, unclamped. */
export function seenColour(figure: ReadonlyTriple, ground: ReadonlyTriple, strengths = USUAL_STRENGTHS): Triple {
	if (strengths.value === 0 && strengths.colour === 0) return [figure[0], figure[1], figure[2]];
	return fromXyz100(xyzOfAppearance(looksOn(figure, ground, strengths), PLAIN));
}

/**
 * Two as one: the figure that looks on a second ground as this one looks on the first, in closed form by inverting the
 * model; linear sRGB, unclamped, so that a gamut test tells whether a screen can show it.
 */
export function twoAsOne(
	figure: ReadonlyTriple,
	ground: ReadonlyTriple,
	secondGround: ReadonlyTriple,
	strengths = USUAL_STRENGTHS
): Triple {
	return fromXyz100(xyzOfAppearance(looksOn(figure, ground, strengths), conditionsOn(secondGround, strengths)));
}
