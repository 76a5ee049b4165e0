import { Problem } from '../../src/lib/core/problem';

type Read = (text: string) => unknown;

/** Milliseconds of processor time for one reading, with what the other tests of this process took; what is refused by our own error is read too. */
function cost(read: Read, text: string): number {
	const before = process.cpuUsage();
	try {
		read(text);
	} catch (error) {
		if (!(error instanceof Problem)) throw error;
	}
	return process.cpuUsage(before).user / 1000;
}

/** The least of some readings: a busy machine makes single ones long, a pattern that grows makes all of them long. */
function leastCost(read: Read, text: string, enough: number): number {
	let least = Infinity;
	for (let tries = 0; tries < 4 && least > enough; tries++) least = Math.min(least, cost(read, text));
	return least;
}

/** A text this many times as long takes about as many times as long to read; patterns that go back again and again take its square. */
const SHORTER = 8;
/** What is at most this much longer to read is read in proportion to its length. */
export const MOST_GROWTH = 3 * SHORTER;

/**
 * How many times as long the whole takes to read as an eighth of it; 1 where the whole takes at most so many milliseconds, so that no
 * machine is too slow for the tests that ask.
 */
export function growth(read: Read, text: string, quick: number): number {
	const whole = leastCost(read, text, quick);
	return whole <= quick ? 1 : whole / leastCost(read, text.slice(0, text.length / SHORTER), 0);
}
