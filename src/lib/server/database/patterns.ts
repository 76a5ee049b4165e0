/** The words of a search as patterns that match them anywhere, with the pattern's own signs taken as letters. */
const patternsOf = (words: string): string[] =>
	words
		.toLowerCase()
		.split(/\s+/)
		.filter(Boolean)
		.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`);

/**
 * The condition that the column "words" holds every word of a search, with its parameters, which are numbered from `first` on. One
 * comparison a word: the index finds these, and does not find `like all`.
 */
export function holdsWords(words: string, first: number): { condition: string; patterns: string[] } {
	const patterns = patternsOf(words);
	const each = patterns.map((_, i) => `words like $${first + i}`);
	return { condition: each.length === 0 ? 'true' : each.join(' and '), patterns };
}
