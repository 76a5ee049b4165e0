/** The words of a search as patterns that match them anywhere, with the pattern's own signs taken as letters. */
export const patternsOf = (words: string): string[] =>
	words
		.toLowerCase()
		.split(/\s+/)
		.filter(Boolean)
		.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`);
