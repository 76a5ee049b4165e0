/** A seed of a plate's own. */
export const seedOf = (id: string): number =>
	[...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 99_991, 7);
