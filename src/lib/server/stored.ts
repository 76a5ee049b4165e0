import { type z } from 'zod';
import { withinReach } from '$lib/core/colour/read';
import { isColour } from '$lib/core/format/colour-list';
import { sayIssue } from '$lib/model/say-issue';
import { Refusal } from './answer';

/** What was stored, as it is read now. */
export interface Stored<T> {
	readonly document: T;
	/** Colours that lay beyond all measure when they were stored, as they were; they are shown as the nearest that can be read. */
	readonly brought: readonly string[];
}

/**
 * Reads what the database holds by today's schema.
 * @throws Refusal `unreadable` with the place and the reason.
 */
export function readStored<T>(stored: unknown, schema: z.ZodType<T>): Stored<T> {
	const asIs = schema.safeParse(stored);
	if (asIs.success) return { document: asIs.data, brought: [] };
	const brought: string[] = [];
	const mended = schema.safeParse(withColoursWithinReach(stored, brought));
	if (mended.success) return { document: mended.data, brought };
	throw new Refusal(422, 'unreadable', 'What is stored here cannot be read.', sayIssue(asIs.error, 'its beginning'));
}

/** The same, with every colour text that is refused only because of its numbers brought within reach. */
function withColoursWithinReach(value: unknown, brought: string[]): unknown {
	if (Array.isArray(value)) return value.map((each: unknown) => withColoursWithinReach(each, brought));
	if (typeof value === 'string') return broughtWithin(value, brought);
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, withColoursWithinReach(each, brought)]));
}

function broughtWithin(text: string, brought: string[]): string {
	if (!text.includes('(') || text.length > 200) return text;
	const near = withinReach(text);
	if (near === text || isColour(text) || !isColour(near)) return text;
	brought.push(text);
	return near;
}
