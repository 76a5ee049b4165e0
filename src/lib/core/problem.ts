/** What can go wrong when the core is given something it cannot use. One code for one cause. */
export type ProblemCode =
	| 'colour-text'
	| 'count'
	| 'parents'
	| 'end-grey'
	| 'pin'
	| 'scheme'
	| 'relatives'
	| 'parts'
	| 'file'
	| 'brief'
	| 'picture'
	| 'svg'
	| 'regions';

/**
 * The only error that the core throws: what was wrong, where, and what would be right.
 * `place` is where: the index of the first character of a colour text that does not fit, or the line of a file, from 1.
 */
export class Problem extends Error {
	override readonly name = 'Problem';

	constructor(
		readonly code: ProblemCode,
		message: string,
		readonly expected: string,
		readonly place: number | null = null
	) {
		super(message);
	}
}
