import { describe, expect, it } from 'vitest';
import { type LinkedColour } from '$lib/model/linked';
import { NameAsking } from './name-asking';

const madder = (text: string, more: Partial<LinkedColour> = {}): LinkedColour[] => [
	{ id: 'madder0001', name: 'Madder', text, ...more }
];

describe('a linked colour with a name of somebody’s own', () => {
	it('is offered another when it is turned to another hue, once for what it has become', () => {
		const asking = new NameAsking(madder('#b3392b'));
		expect(asking.offers(madder('#b53a2c'))).toEqual([]);
		expect(asking.offers(madder('#2a4fb0'))).toEqual([
			{ id: 'madder0001', says: '“Madder” is blue now.', name: 'Blue' }
		]);
		expect(asking.offers(madder('#2b50b2'))).toEqual([]);
		// Another hue again.
		expect(asking.offers(madder('#3f9e3a')).map(({ name }) => name)).toEqual(['Green']);
	});

	it('is offered one when it becomes much lighter or darker, too', () => {
		const asking = new NameAsking(madder('#8f1d14'));
		expect(asking.offers(madder('#ff4a36')).map(({ says }) => says)).toEqual(['“Madder” is strong red now.']);
	});

	it('is asked for nothing when it is turned back to what got the name, or renamed', () => {
		const asking = new NameAsking(madder('#b3392b'));
		asking.offers(madder('#2a4fb0'));
		expect(asking.offers(madder('#b3392b'))).toEqual([]);
		expect(asking.offers(madder('#2a4fb0'))).toHaveLength(1);
		expect(asking.offers(madder('#2a4fb0', { name: 'Woad' }))).toEqual([]);
		expect(asking.offers(madder('#2b50b2', { name: 'Woad' }))).toEqual([]);
	});

	it('is asked for nothing where the name is ours, which follows by itself', () => {
		const asking = new NameAsking(madder('#b3392b', { namedBy: 'machine' }));
		expect(asking.offers(madder('#2a4fb0', { namedBy: 'machine' }))).toEqual([]);
	});
});
