import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const FONTS = import.meta.glob<string>('./fonts/*.ttf', { query: '?inline', import: 'default', eager: true });

let written: Promise<string[]> | null = null;

/** The shipped faces as files, because the renderer reads fonts from paths only. Written once in a server's life. */
export function fontFiles(): Promise<string[]> {
	written ??= write();
	return written;
}

async function write(): Promise<string[]> {
	const folder = await mkdtemp(join(tmpdir(), 'ricercar-fonts-'));
	return Promise.all(
		Object.entries(FONTS).map(async ([path, url]) => {
			const file = join(folder, path.split('/').at(-1)!);
			await writeFile(file, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
			return file;
		})
	);
}
