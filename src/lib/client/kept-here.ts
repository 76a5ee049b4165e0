import { type z } from 'zod';

/** What this browser keeps under a name; null where it keeps nothing, or what it has cannot be read. */
export function readHere<T>(name: string, schema: z.ZodType<T>): T | null {
	try {
		return schema.parse(JSON.parse(localStorage.getItem(name) ?? 'null'));
	} catch {
		return null;
	}
}

/** Keeps something in this browser under a name. Gives whether it does: not every browser keeps anything. */
export function keepHere(name: string, content: unknown): boolean {
	try {
		localStorage.setItem(name, JSON.stringify(content));
		return true;
	} catch {
		return false;
	}
}
