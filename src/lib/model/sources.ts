import { type ColourSource, type Followed } from './colour-text';
import { type LinkedColour } from './linked';
import { textOf } from './resolve';

/** The same thing with each of its colour sources changed as asked. */
export type MapSources<T> = (thing: T, change: (source: ColourSource) => ColourSource) => T;

/** All colour sources of a thing, in order: what its `mapSources` comes by. */
export function sourcesBy<T>(map: MapSources<T>, thing: T): ColourSource[] {
	const found: ColourSource[] = [];
	map(thing, (source) => {
		found.push(source);
		return source;
	});
	return found;
}

/** The texts that decide the colours of sources, as one key for what is remembered of them. */
export const textsOf = (sources: readonly ColourSource[], linked: readonly LinkedColour[]): string =>
	sources.map((source) => textOf(source, linked)).join('\n');

/** Whether a source is this linked colour. */
export const linksTo = (source: ColourSource, id: string): boolean => 'linked' in source && source.linked === id;

/** The colour of another plate that a source follows; null for one that follows none. */
export const followedBy = (source: ColourSource): Followed | null => ('text' in source && source.follows) || null;

export function sameSource(one: ColourSource, other: ColourSource): boolean {
	if ('linked' in one) return 'linked' in other && one.linked === other.linked;
	if ('linked' in other || one.text !== other.text) return false;
	return one.follows?.plate === other.follows?.plate && one.follows?.place === other.follows?.place;
}
