import { ciede2000 } from '../difference/ciede2000';
import { linearToLab } from '../difference/lab-of-linear';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { pointOnPassage, type Passage } from './passage';

/** Places on a passage, and how many times the smallest difference between neighbours the largest is. */
export interface Balanced {
	readonly shares: number[];
	readonly ratio: number;
}

/** Rounds of balancing and solving; nearly all passages take one or two. */
const ROUNDS = 24;
const SWEEPS = 6;
const HALVINGS = 18;
const NEWTON_STEPS = 12;
/** How far a share is moved to see how the differences go with it. */
const NUDGE = 1e-6;

const labAt = (passage: Passage, share: number): Triple => linearToLab(pointOnPassage(passage, share).linear);
const apart = (one: ReadonlyTriple, other: ReadonlyTriple): number =>
	ciede2000(one[0], one[1], one[2], other[0], other[1], other[2]);

/** Differences (ΔE00) between neighbouring places of a passage. */
export function lengthsOf(passage: Passage, shares: readonly number[]): number[] {
	const labs = shares.map((share) => labAt(passage, share));
	return labs.slice(1).map((lab, i) => apart(labs[i]!, lab));
}
/** How many times the smallest difference the largest is; 1 is even. */
export const ratioOf = (lengths: readonly number[]): number => Math.max(...lengths) / Math.min(...lengths);

/** Moves each step, one after the other, to where it is as far from the one before it as from the one behind. */
function balance(passage: Passage, shares: number[]): void {
	for (let i = 1; i < shares.length - 1; i++) {
		const [before, behind] = [labAt(passage, shares[i - 1]!), labAt(passage, shares[i + 1]!)];
		let [low, high] = [shares[i - 1]!, shares[i + 1]!];
		for (let halving = 0; halving < HALVINGS; halving++) {
			const middle = (low + high) / 2;
			const lab = labAt(passage, middle);
			if (apart(before, lab) < apart(lab, behind)) low = middle;
			else high = middle;
		}
		shares[i] = (low + high) / 2;
	}
}

/**
 * One step of Newton's method for lengths that are all equal: the moves of the inner steps that would make them so if lengths went
 * straight with shares. Each length depends on its two ends only, so the system is solved from one end to the other.
 */
function newtonMoves(passage: Passage, shares: readonly number[], lengths: readonly number[]): number[] | null {
	const labs = shares.map((share) => labAt(passage, share));
	const count = lengths.length;
	// moves[i] = a[i] + b[i] · pace, worked out step by step from moves[0] = 0; at the far end it must be 0 again.
	let [a, b] = [0, 0];
	const line: [number, number][] = [[0, 0]];
	for (let i = 0; i < count; i++) {
		const nudgedBack = i === 0 ? labs[0]! : labAt(passage, shares[i]! + NUDGE);
		const back = (apart(nudgedBack, labs[i + 1]!) - lengths[i]!) / NUDGE;
		const to = shares[i + 1]! - NUDGE;
		const forth = (lengths[i]! - apart(labs[i]!, labAt(passage, to))) / NUDGE;
		if (Math.abs(forth) < 1e-9) return null;
		[a, b] = [(-lengths[i]! - back * a) / forth, (1 - back * b) / forth];
		line.push([a, b]);
	}
	if (Math.abs(b) < 1e-12) return null;
	const pace = -a / b;
	return line.map(([still, going]) => still + going * pace);
}

/** Shares moved by so much of these moves, or null where steps would pass each other. */
function movedBy(shares: readonly number[], moves: readonly number[], part: number): number[] | null {
	const last = shares.length - 1;
	const moved = shares.map((share, i) => (i === 0 || i === last ? share : share + moves[i]! * part));
	return moved.every((share, i) => i === 0 || share > moved[i - 1]!) ? moved : null;
}

function newton(passage: Passage, start: Balanced, enough: number): Balanced {
	let best = start;
	for (let step = 0; step < NEWTON_STEPS && best.ratio > enough; step++) {
		const moves = newtonMoves(passage, best.shares, lengthsOf(passage, best.shares));
		if (!moves) return best;
		let better: Balanced | null = null;
		for (let part = 1; part > 0.02 && !better; part /= 2) {
			const shares = movedBy(best.shares, moves, part);
			const ratio = shares ? ratioOf(lengthsOf(passage, shares)) : Infinity;
			if (shares && ratio < best.ratio) better = { shares, ratio };
		}
		if (!better) return best;
		best = better;
	}
	return best;
}

/**
 * Equal differences where moving all steps at once does not settle, as on a passage that bends or turns back: steps are balanced between
 * their neighbours, then moved by Newton's method, by turns, until the largest difference is `enough` times the smallest at the most.
 */
export function balancedSteps(passage: Passage, start: readonly number[], enough: number): Balanced {
	const shares = [...start];
	let best: Balanced = { shares: [...start], ratio: ratioOf(lengthsOf(passage, start)) };
	const keep = (found: Balanced): void => {
		if (found.ratio < best.ratio) best = found;
	};
	if (best.ratio <= enough) return best;
	for (let round = 0; round < ROUNDS; round++) {
		keep(newton(passage, { shares: [...shares], ratio: ratioOf(lengthsOf(passage, shares)) }, enough));
		if (best.ratio <= enough) break;
		for (let sweep = 0; sweep < SWEEPS; sweep++) balance(passage, shares);
	}
	return best;
}
