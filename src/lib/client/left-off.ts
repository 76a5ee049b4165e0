import { z } from 'zod';
import { idSchema } from '$lib/model/ids';

const KEY = 'ricercar left off';
/** So many studies are remembered, those left last. */
const MOST = 50;
const schema = z.array(z.tuple([idSchema, idSchema])).max(MOST);

function remembered(): z.infer<typeof schema> {
	try {
		return schema.parse(JSON.parse(localStorage.getItem(KEY) ?? '[]'));
	} catch {
		return [];
	}
}

/** The plate at which this browser left a study; null where it does not know. */
export const plateLeft = (study: string): string | null => remembered().find(([id]) => id === study)?.[1] ?? null;

/** Remembers at which plate a study stands. */
export function leaveAt(study: string, plate: string): void {
	const others = remembered().filter(([id]) => id !== study);
	try {
		localStorage.setItem(KEY, JSON.stringify([[study, plate], ...others].slice(0, MOST)));
	} catch {
		// A browser that keeps nothing opens the first plate.
	}
}
