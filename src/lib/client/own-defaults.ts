import { type z } from 'zod';
import { titleBlockSchema, type TitleBlock } from '$lib/study/study';

/** What of a title block is the maker's own from study to study. */
const ownSchema = titleBlockSchema.pick({ maker: true, course: true, unit: true });
type Own = z.infer<typeof ownSchema>;

const KEY = 'ricercar title block';
const NOTHING: Own = { maker: '', course: '', unit: '' };

/** What this browser remembers; nothing where it remembers nothing, or what it has cannot be read. */
export function ownDefaults(): Own {
	try {
		return ownSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
	} catch {
		return NOTHING;
	}
}

/** Remembers who makes what for which course, for the next study. Not remembered where the browser keeps nothing. */
export function keepDefaults({ maker, course, unit }: TitleBlock): void {
	try {
		localStorage.setItem(KEY, JSON.stringify({ maker, course, unit }));
	} catch {
		// A browser that keeps nothing asks again, no more.
	}
}
