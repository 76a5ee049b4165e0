/** A word without end is cut into parts of so many letters, which may count as two. */
const LONGEST_PART = 50;

/** Words in lines of so many letters at most; a longer word is cut where the line ends. */
export function linesOf(text: string, most: number): string[] {
	const lines: string[] = [];
	let line = '';
	for (const word of text.split(' ').filter((each) => each !== '')) {
		// By letters, so that none is cut in two.
		let rest = [...word];
		if (line !== '' && line.length + 1 + word.length > most) {
			lines.push(line);
			line = '';
		}
		for (; rest.join('').length > most; rest = rest.slice(LONGEST_PART))
			lines.push(rest.slice(0, LONGEST_PART).join(''));
		line = line === '' ? rest.join('') : `${line} ${rest.join('')}`;
	}
	return line === '' ? lines : [...lines, line];
}
