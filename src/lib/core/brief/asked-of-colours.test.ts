import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { attemptLimits } from './attempt-rule';
import { colourDemands, isColourDemand, type ColourDemand, type MadeColours } from './asked-of-colours';
import { groundRules } from './ground-rules';
import { mixRules } from './mix-rules';
import { patternRules } from './pattern-rules';
import { pictureRules, type MadePicture, type PictureRule } from './picture-rules';
import { bothBooks, type RuleBook } from './rule-book';
import { scaleRules } from './scale-rules';
import { schemeRules } from './scheme-rules';
import { wheelRules } from './wheel-rules';

const lab = converter('lab65');
const apart = differenceCiede2000();
const judge = (rule: ColourDemand, ...codes: string[]) => {
	const colours = codes.map((code) => ({ name: `colour ${code}`, linear: toLinear(readColour(code)) }));
	return colourDemands.judge({ colours }, rule);
};

/** Natural dyes as they are in the demo. */
const [MADDER, WELD, WOAD] = ['#b3392b', '#d9b036', '#2f5f86'];

describe('rules of colours, whatever they are on (values and differences by culori 4.0.2)', () => {
	it('no colour can be judged where there is none, and no two where there is one', () => {
		for (const { rule } of colourDemands.common.flatMap(({ rules }) => rules))
			expect(judge(rule)).toMatchObject({ holds: false, key: 'rule.missing' });
		expect(judge({ rule: 'all-apart', least: 0 }, MADDER!)).toMatchObject({ holds: false, key: 'rule.missing' });
	});

	it('different colours are counted, not codes', () => {
		const asked: ColourDemand = { rule: 'colours', least: 2, most: 2 };
		expect(judge(asked, MADDER!, WOAD!, MADDER!)).toMatchObject({
			holds: true,
			reason: 'There are 2 different colours; 2 is asked.'
		});
		expect(judge(asked, MADDER!, '#b3392c')).toMatchObject({ holds: false, reason: 'There is 1 colour; 2 is asked.' });
		expect(judge({ ...asked, most: 3 }, MADDER!, WOAD!, WELD!).holds).toBe(true);
		expect(judge(asked, MADDER!, WOAD!, WELD!).holds).toBe(false);
	});

	it('the two most alike decide whether all are told apart, and are named', () => {
		const near = apart(MADDER!, '#b83c2e');
		const judged = (least: number) => judge({ rule: 'all-apart', least }, MADDER!, WOAD!, '#b83c2e');
		expect([judged(near - 0.01).holds, judged(near + 0.01).holds]).toEqual([true, false]);
		expect(judged(5).reason).toContain('“colour #b3392b” and “colour #b83c2e” are the two most alike');
	});

	it('the range of values, one value and keys, to the limit', () => {
		const values = [MADDER!, WELD!, WOAD!].map((code) => lab(code)!.l);
		const range = Math.max(...values) - Math.min(...values);
		const three = (rule: ColourDemand) => judge(rule, MADDER!, WELD!, WOAD!).holds;
		expect([range - 0.01, range + 0.01].map((least) => three({ rule: 'value-range', least }))).toEqual([true, false]);
		expect([range - 0.01, range + 0.01].map((within) => three({ rule: 'one-value', within }))).toEqual([false, true]);
		const key = (is: 'high' | 'low', limit: number) => three({ rule: 'all-key', is, limit });
		const [darkest, lightest] = [Math.min(...values), Math.max(...values)];
		expect([key('high', darkest - 0.01), key('high', darkest + 0.01)]).toEqual([true, false]);
		expect([key('low', lightest + 0.01), key('low', lightest - 0.01)]).toEqual([true, false]);
	});

	it('warm and cool by the halves of the wheel; a grey is neither, and so never all warm', () => {
		const is = (which: 'warm' | 'cool' | 'both', ...codes: string[]) =>
			judge({ rule: 'all-temperature', is: which }, ...codes).holds;
		expect([is('warm', MADDER!, WELD!), is('cool', WOAD!), is('both', MADDER!, WOAD!)]).toEqual([true, true, true]);
		expect([is('warm', MADDER!, '#808080'), is('cool', WOAD!, WELD!), is('both', MADDER!, WELD!)]).toEqual([
			false,
			false,
			false
		]);
		expect(judge({ rule: 'all-temperature', is: 'both' }, MADDER!, WOAD!, '#808080').reason).toBe(
			'Of 3 colours 1 is warm, 1 cool and 1 neither.'
		);
	});

	it('of a palette, within so much of its nearest colour; the one farthest off is named', () => {
		const off = apart('#b83c2e', MADDER!);
		const judged = (within: number) =>
			judge({ rule: 'of-palette', palette: [WOAD!, MADDER!], within }, WOAD!, '#b83c2e');
		expect([judged(off - 0.01).holds, judged(off + 0.01).holds]).toEqual([false, true]);
		expect(judged(1).reason).toContain('“colour #b83c2e” is farthest from the palette');
	});
});

describe('every book of rules', () => {
	interface Named {
		readonly rule: string;
	}
	/** A book as whoever only looks through it sees it. */
	const BOOKS = {
		colourDemands,
		groundRules,
		mixRules,
		patternRules,
		pictureRules,
		scaleRules,
		schemeRules,
		wheelRules
	};
	const books = Object.entries(BOOKS) as unknown as [string, RuleBook<Named, unknown>][];

	it.each(books)('%s: each number can be set to both ends of its range, and only that one changes', (_, book) => {
		for (const { rule } of book.common.flatMap(({ rules }) => rules))
			book.limits(rule).forEach((limit, i) => {
				const other = limit.value === limit.most ? limit.least : limit.most;
				const after = book.limits(limit.set(other)).map(({ value }) => value);
				expect(after).toEqual(book.limits(rule).map(({ value }, at) => (at === i ? other : value)));
			});
	});

	it.each(books)('%s: rules are told apart by their words, and changed words go with a changed limit', (_, book) => {
		const all = book.common.flatMap(({ rules }) => rules.map(({ rule }) => book.words(rule)));
		expect(new Set(all).size).toBe(all.length);
		expect(all.filter((words) => /undefined|NaN/.test(words))).toEqual([]);
	});

	it('two books as one look a rule up where it is known', () => {
		const both = bothBooks<ColourDemand, PictureRule, MadeColours & MadePicture>(
			colourDemands,
			pictureRules,
			isColourDemand
		);
		const made = { colours: [{ name: 'Madder', linear: toLinear(readColour(MADDER!)) }], difference: 6 };
		expect(both.judge(made, { rule: 'stands-for', within: 5 })).toMatchObject({ holds: false, key: 'rule.stands-for' });
		expect(both.judge(made, { rule: 'one-value', within: 1 })).toMatchObject({ holds: true, key: 'colours.one-value' });
		expect(both.common).toHaveLength(colourDemands.common.length + pictureRules.common.length);
	});

	it('schemes, wheels, pictures: by what was made', () => {
		expect(schemeRules.judge({ scheme: 'triad' }, { rule: 'is-scheme', is: 'triad' }).holds).toBe(true);
		expect(schemeRules.judge({ scheme: 'square' }, { rule: 'is-scheme', is: 'triad' }).reason).toBe(
			'The scheme is square; triad is asked.'
		);
		const wheel = { wheel: 'light', rings: 2 } as const;
		expect(wheelRules.judge(wheel, { rule: 'on-wheel', is: 'painter' }).holds).toBe(false);
		expect([2, 3].map((least) => wheelRules.judge(wheel, { rule: 'rings', least }).holds)).toEqual([true, false]);
		expect(
			[5.9, 6].map((within) => pictureRules.judge({ difference: 6 }, { rule: 'stands-for', within }).holds)
		).toEqual([false, true]);
		expect(pictureRules.judge({ difference: null }, { rule: 'stands-for', within: 99 }).holds).toBe(false);
		expect(attemptLimits({ rule: 'attempt', within: 3 })[0]!.set(4)).toEqual({ rule: 'attempt', within: 4 });
	});
});
