import { type ColourSource } from './colour-text';
import { type LinkedColour } from './linked';
import { textsOf } from './sources';

/**
 * Work that is done again only when the thing, or the colour of one of its sources, is another one. Things are replaced and never
 * changed in place, so their identity says whether they are the same.
 */
export function remembered<T extends object, R>(
	sources: (thing: T) => readonly ColourSource[],
	work: (thing: T, linked: readonly LinkedColour[]) => R
): (thing: T, linked: readonly LinkedColour[]) => R {
	const known = new WeakMap<T, { texts: string; made: R }>();
	return (thing, linked) => {
		const texts = textsOf(sources(thing), linked);
		const found = known.get(thing);
		if (found?.texts === texts) return found.made;
		const made = work(thing, linked);
		known.set(thing, { texts, made });
		return made;
	};
}
