import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { linearToXyz, WHITE_D65, xyzToLinear } from '../colour/xyz';
import {
	appearanceOf,
	conditionsOf,
	toCones,
	xyzOfAppearance,
	type Appearance,
	type Conditions,
	type Viewing
} from './cam16';

/** From −1, full contrast, over 0, no influence, to 1, full assimilation: how a ground works on a figure. */
export const USUAL_INFLUENCE = -0.3;

const WHITE = WHITE_D65.map((x) => 100 * x) as Triple;
/** A screen in a room: white about 80 cd/m², a fifth of it as what the eye is adapted to. */
const SCREEN: Viewing = { white: WHITE, adapting: 16, background: 20, surround: 'average' };
/** The neutral board that a figure is compared on: as dark as the background of the viewing, 20 % of white. */
const BOARD = toCones(WHITE.map((x) => 0.2 * x) as Triple);
/** Grounds darker than this share of the board work no stronger: a ratio of nought has no meaning. */
const LEAST_RATIO = 1e-3;

const PLAIN = conditionsOf(SCREEN);

const toXyz100 = (linear: ReadonlyTriple): Triple => linearToXyz(linear).map((x) => 100 * x) as Triple;
const fromXyz100 = (xyz: ReadonlyTriple): Triple => xyzToLinear(xyz.map((x) => x / 100) as Triple);

/**
 * The conditions on a ground: for each cone response the reference white is altered by the ground as proximal field
 * (R. W. G. Hunt, "Revised colour-appearance model …", 1991): w′ = w·√([(1 − p)r + (1 + p)/r] / [(1 + p)r + (1 − p)/r]),
 * with r the ground's response over the board's.
 */
function conditionsOn(ground: ReadonlyTriple, p: number): Conditions {
	if (p === 0) return PLAIN;
	const white = toCones(WHITE);
	const cones = toCones(toXyz100(ground));
	const altered = white.map((w, i) => {
		const r = Math.max(LEAST_RATIO, cones[i]! / BOARD[i]!);
		return w * Math.sqrt(((1 - p) * r + (1 + p) / r) / ((1 + p) * r + (1 - p) / r));
	}) as Triple;
	return conditionsOf(SCREEN, altered);
}

/** How a figure looks on a ground (both linear sRGB), as lightness, chroma and hue of CIECAM16; p −1 to 1. A model, not a law. */
export function looksOn(figure: ReadonlyTriple, ground: ReadonlyTriple, p = USUAL_INFLUENCE): Appearance {
	return appearanceOf(toXyz100(figure), conditionsOn(ground, p));
}

/** The colour that would look on the neutral board as the figure looks on its ground; linear sRGB, unclamped. */
export function seenColour(figure: ReadonlyTriple, ground: ReadonlyTriple, p = USUAL_INFLUENCE): Triple {
	if (p === 0) return [figure[0], figure[1], figure[2]];
	return fromXyz100(xyzOfAppearance(looksOn(figure, ground, p), PLAIN));
}

/**
 * Two as one: the figure that looks on a second ground as this one looks on the first, in closed form by inverting the
 * model; linear sRGB, unclamped, so that a gamut test tells whether a screen can show it.
 */
export function twoAsOne(
	figure: ReadonlyTriple,
	ground: ReadonlyTriple,
	secondGround: ReadonlyTriple,
	p = USUAL_INFLUENCE
): Triple {
	return fromXyz100(xyzOfAppearance(looksOn(figure, ground, p), conditionsOn(secondGround, p)));
}
