import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { MOST_STRENGTH, seenColour, type Strengths } from '../ground/on-ground';
import { Problem } from '../problem';

/** One match by the method of adjustment: the figure on its ground, and the twin on the neutral board set to look alike. */
export interface Match {
	readonly figure: ReadonlyTriple;
	readonly ground: ReadonlyTriple;
	readonly twin: ReadonlyTriple;
}

/** Strengths fitted to matches, and how far single matches differ from them, those that tell most counting most. */
export interface FittedStrengths {
	readonly strengths: Strengths;
	readonly spread: Strengths;
}

const KEYS = ['value', 'colour'] as const;
const ROUNDS = 30;
const NUDGE = 1e-4;
const SETTLED = 1e-9;
/** Holds a strength still that no match tells anything of, as that on colour when all grounds are greys. */
const RIDGE = 1e-8;

const held = (key: keyof Strengths, strength: number): number =>
	Math.max(-MOST_STRENGTH[key], Math.min(MOST_STRENGTH[key], strength));

const minus = (one: ReadonlyTriple, other: ReadonlyTriple): Triple => [
	one[0] - other[0],
	one[1] - other[1],
	one[2] - other[2]
];
const dot = (one: ReadonlyTriple, other: ReadonlyTriple): number =>
	one[0] * other[0] + one[1] * other[1] + one[2] * other[2];

/** What is left of a match at some strengths, in OKLab, and how the model moves there with each strength. */
interface Left {
	readonly residual: Triple;
	readonly slopes: readonly [value: Triple, colour: Triple];
}

function leftOf({ figure, ground, twin }: Match, strengths: Strengths): Left {
	const seen = (at: Strengths): Triple => linearToOklab(...seenColour(figure, ground, at));
	const now = seen(strengths);
	const slope = (key: keyof Strengths): Triple => {
		const [more, less] = [NUDGE, -NUDGE].map((by) => seen({ ...strengths, [key]: strengths[key] + by }));
		return minus(more!, less!).map((x) => x / (2 * NUDGE)) as Triple;
	};
	return {
		residual: minus(linearToOklab(twin[0], twin[1], twin[2]), now),
		slopes: [slope('value'), slope('colour')]
	};
}

const sumOfSquares = (matches: readonly Match[], strengths: Strengths): number =>
	matches.reduce((sum, { figure, ground, twin }) => {
		const off = minus(
			linearToOklab(...seenColour(figure, ground, strengths)),
			linearToOklab(twin[0], twin[1], twin[2])
		);
		return sum + dot(off, off);
	}, 0);

/** One step of the Gauss–Newton method, shortened until it is no step back. */
function better(matches: readonly Match[], from: Strengths): Strengths {
	const all = matches.map((match) => leftOf(match, from));
	const sum = (of: (left: Left) => number): number => all.reduce((whole, left) => whole + of(left), 0);
	const [vv, vc, cc] = [
		sum(({ slopes: [v] }) => dot(v, v)) + RIDGE,
		sum(({ slopes: [v, c] }) => dot(v, c)),
		sum(({ slopes: [, c] }) => dot(c, c)) + RIDGE
	];
	const [vr, cr] = [
		sum(({ slopes: [v], residual }) => dot(v, residual)),
		sum(({ slopes: [, c], residual }) => dot(c, residual))
	];
	const whole = vv * cc - vc * vc;
	const step = { value: (vr * cc - cr * vc) / whole, colour: (cr * vv - vr * vc) / whole };
	const before = sumOfSquares(matches, from);
	for (let part = 1; part > 1e-3; part /= 2) {
		const to = {
			value: held('value', from.value + step.value * part),
			colour: held('colour', from.colour + step.colour * part)
		};
		if (sumOfSquares(matches, to) <= before) return to;
	}
	return from;
}

/** The weighted standard deviation of what each match alone would have a strength at, weighted by how much it tells of it. */
function spreadOf(matches: readonly Match[], strengths: Strengths): Strengths {
	const all = matches.map((match) => leftOf(match, strengths));
	const [value, colour] = KEYS.map((_, i) => {
		const told = all.map(({ slopes, residual }) => ({
			of: dot(slopes[i]!, slopes[i]!),
			off: dot(slopes[i]!, residual)
		}));
		const weight = told.reduce((sum, { of }) => sum + of, 0);
		const squares = told.reduce((sum, { of, off }) => sum + (of > 0 ? (off * off) / of : 0), 0);
		return weight > 0 ? Math.sqrt(squares / weight) : 0;
	});
	return { value: value!, colour: colour! };
}

/**
 * Both strengths of a person from their matches, by least squares in OKLab (Gauss–Newton), within their ranges, with their spreads.
 * @throws Problem `parts` without any match.
 */
export function fitStrengths(matches: readonly Match[]): FittedStrengths {
	if (matches.length === 0) throw new Problem('parts', 'There are no matches.', 'at least one match');
	let strengths: Strengths = { value: 0, colour: 0 };
	for (let round = 0; round < ROUNDS; round++) {
		const next = better(matches, strengths);
		const moved = Math.abs(next.value - strengths.value) + Math.abs(next.colour - strengths.colour);
		strengths = next;
		if (moved < SETTLED) break;
	}
	return { strengths, spread: spreadOf(matches, strengths) };
}
