import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fontFolder } from '../built';

let found: Promise<string[]> | null = null;

/** The shipped faces as files, because the renderers read fonts from paths only. */
export function fontFiles(): Promise<string[]> {
	found ??= readdir(fontFolder()).then((names) =>
		names.filter((name) => name.endsWith('.ttf')).map((name) => join(fontFolder(), name))
	);
	return found;
}
