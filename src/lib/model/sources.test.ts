import { expect, it } from 'vitest';
import { type ColourSource } from './colour-text';
import { followedBy, linksTo, sameSource, sourcesBy, textsOf } from './sources';

const follows = (plate: string, place: string): ColourSource => ({ text: '#b3392b', follows: { plate, place } });
/** Sources of which no two are the same. */
const ALL: readonly ColourSource[] = [
	{ text: '#b3392b' },
	{ text: '#2f5f86' },
	{ linked: 'madder' },
	{ linked: 'woad' },
	follows('one', 'step 1'),
	follows('one', 'step 2'),
	follows('two', 'step 1')
];

it('sources are the same where they say the same, and only there', () => {
	ALL.forEach((one, i) =>
		ALL.forEach((other, k) => expect(sameSource(one, structuredClone(other)), `${i} and ${k}`).toBe(i === k))
	);
});

it('a source links to its linked colour, follows its plate, and has a text in any case', () => {
	expect(ALL.map((source) => linksTo(source, 'madder'))).toEqual([false, false, true, false, false, false, false]);
	expect(ALL.map(followedBy)).toEqual([
		...Array<null>(4).fill(null),
		{ plate: 'one', place: 'step 1' },
		{ plate: 'one', place: 'step 2' },
		{ plate: 'two', place: 'step 1' }
	]);
	const linked = ['madder', 'woad'].map((id) => ({ id, name: id, text: `#${id.length}00000` }));
	expect(textsOf(ALL.slice(1, 5), linked)).toBe('#2f5f86\n#600000\n#400000\n#b3392b');
});

it('the sources of a thing are what its change comes by, in order', () => {
	const pair = { first: ALL[0]!, second: ALL[2]! };
	const map = (thing: typeof pair, change: (source: ColourSource) => ColourSource) => ({
		first: change(thing.first),
		second: change(thing.second)
	});
	expect(sourcesBy(map, pair)).toEqual([ALL[0], ALL[2]]);
});
