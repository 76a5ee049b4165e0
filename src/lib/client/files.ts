import { LONGEST_FILE } from '$lib/core/format/colour-list';
import { reasonOf, UNREACHABLE } from './reason';

/** Letters that are no plain letter with a mark. */
const SPELT: Readonly<Record<string, string>> = { ø: 'o', ł: 'l', đ: 'd', ð: 'd', ß: 'ss', æ: 'ae', œ: 'oe', þ: 'th' };

/** Small letters, digits and hyphens: what every file system and every stylesheet takes. */
export function plainName(text: string): string {
	const plain = text
		.normalize('NFKD')
		.replace(/\p{Diacritic}/gu, '')
		.toLowerCase()
		.replace(/[øłđðßæœþ]/g, (letter) => SPELT[letter]!)
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '');
	return plain === '' ? 'untitled' : plain.slice(0, 60);
}

/** "furrow-anselm-2-a-banner-of-one-value": last name, first name, unit and title, as hand-ins are named. */
export function handInName({ maker, unit, title }: { maker: string; unit: string; title: string }): string {
	const names = maker.trim().split(/\s+/).filter(Boolean);
	const last = names.pop() ?? '';
	return [last, names.join(' '), unit, title]
		.filter((part) => part.trim() !== '')
		.map(plainName)
		.join('-');
}

/** The text of a file; one that is longer than can be read comes as a text that is, so that it is refused unread. */
export const textOf = (file: File): Promise<string> | string =>
	file.size > LONGEST_FILE ? 'x'.repeat(LONGEST_FILE + 1) : file.text();

/** Hands a file to the browser to keep. */
export function download(name: string, content: Blob): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(content);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Has the server make a file and keeps it. Says in words what went wrong. */
export async function downloadMade(path: string, request: unknown, name: string): Promise<string | null> {
	try {
		const response = await fetch(path, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(request)
		});
		if (!response.ok) return await reasonOf(response);
		download(name, await response.blob());
		return null;
	} catch {
		return `${UNREACHABLE} It makes pictures and pages; SVG needs no server.`;
	}
}
