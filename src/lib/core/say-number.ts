/** More digits than this nobody reads; two numbers that agree so far are said as they are. */
const MOST_DIGITS = 6;

function digitsUntil(fits: (digits: number) => boolean, least: number): number {
	for (let digits = least; digits < MOST_DIGITS; digits++) if (fits(digits)) return digits;
	return MOST_DIGITS;
}

/**
 * A number as it is said beside a limit: with as many digits as it takes for the two to stand to each other as they do. "64.6" beside
 * a limit of 65 that it does not reach, never "65".
 */
export function besideLimit(value: number, limit: number, least = 0): string {
	const side = Math.sign(value - limit);
	return value.toFixed(digitsUntil((digits) => Math.sign(Number(value.toFixed(digits)) - limit) === side, least));
}

/** Two numbers with as many digits as it takes for them to be said differently, where they differ. */
export function saidApart(one: number, other: number, least = 0): [string, string] {
	const digits = digitsUntil((many) => one === other || one.toFixed(many) !== other.toFixed(many), least);
	return [one.toFixed(digits), other.toFixed(digits)];
}
