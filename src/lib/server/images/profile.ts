/** A tag in the table of a profile: its name, and where its content stands. */
const ENTRY = 12;
const TABLE = 128;
const MOST_NAME = 60;
/** Small profiles that are in use call themselves by letters that nobody knows. */
const SHORT_NAMES: Readonly<Record<string, string>> = { sP3C: 'Display P3', uRGB: 'sRGB' };

/** The content of a tag; null where the profile has none of this name, or says nonsense about it. */
function tagged(icc: Buffer, tag: string): Buffer | null {
	if (icc.length < TABLE + 4) return null;
	const count = Math.min(100, icc.readUInt32BE(TABLE));
	for (let at = TABLE + 4; at + ENTRY <= Math.min(icc.length, TABLE + 4 + count * ENTRY); at += ENTRY) {
		if (icc.toString('latin1', at, at + 4) !== tag) continue;
		const [from, size] = [icc.readUInt32BE(at + 4), icc.readUInt32BE(at + 8)];
		return from + size <= icc.length ? icc.subarray(from, from + size) : null;
	}
	return null;
}

/** UTF-16 with the higher byte first. */
const utf16 = (bytes: Buffer): string =>
	Array.from({ length: bytes.length >> 1 }, (_, i) => String.fromCharCode(bytes.readUInt16BE(2 * i))).join('');

/**
 * What an ICC profile calls itself (ICC.1:2022 §9.2.41, profileDescriptionTag; as text in version 2, in languages in version 4), as one
 * short line; null where it has no name that can be read.
 */
export function nameOfProfile(icc: Buffer): string | null {
	const content = tagged(icc, 'desc');
	if (!content || content.length < 28) return null;
	const type = content.toString('latin1', 0, 4);
	let name = '';
	if (type === 'desc') name = content.toString('latin1', 12, Math.min(content.length, 12 + content.readUInt32BE(8)));
	if (type === 'mluc') {
		const [length, from] = [content.readUInt32BE(20), content.readUInt32BE(24)];
		name = utf16(content.subarray(from, from + length));
	}
	const line = name
		.replace(/[^\p{L}\p{N}\p{P}\p{S} ]/gu, '')
		.trim()
		.slice(0, MOST_NAME);
	return line === '' ? null : (SHORT_NAMES[line] ?? line);
}
