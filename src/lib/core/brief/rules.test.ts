import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { overlapOf } from '../mix/overlap';
import { makeScale } from '../scale/scale';
import { type ScaleSpec } from '../scale/spec';
import { judgeGrounds, type MadeGrounds } from './ground-rules';
import { judgeMix } from './mix-rules';
import { judgeScale } from './judge-scale';
import { limitsOf } from './rule-limits';
import { COMMON_RULES, ruleWords } from './rule-words';
import { type ScaleRule } from './rules';

const linear = (text: string): Triple => toLinear(readColour(text));
const grey = (value: number): string => `lab(${value} 0 0)`;
const judge = (rule: ScaleRule, parents: string[], more: Partial<ScaleSpec> = {}) => {
	const recipe = more.recipe ?? 'interval';
	const colours = parents.map(readColour);
	const scale = makeScale({ recipe, parents: colours, between: 5, method: 'oklab', spacing: 'shares', ...more });
	return judgeScale({ recipe, parents: parents.map(linear), scale }, rule);
};

/** A scale for which each of the offered checks holds, and one for which it does not (common practice, no source). */
const EXAMPLES: Record<string, { holds: [string[], Partial<ScaleSpec>?]; fails: [string[], Partial<ScaleSpec>?] }> = {
	'Even steps': {
		holds: [['#ffffff', '#b3392b'], { spacing: 'differences' }],
		fails: [['#b3392b'], { recipe: 'shades', spacing: 'doubling' }]
	},
	'Number of steps between': {
		holds: [['#ffffff', '#000000'], { between: 9 }],
		fails: [['#fff', '#000'], { between: 4 }]
	},
	'Value runs one way': {
		holds: [['#ffffff', '#000000']],
		fails: [['#ffffff', '#000000', '#ffffff'], { recipe: 'path' }]
	},
	'One value throughout': { holds: [[grey(50), grey(51.9)]], fails: [[grey(50), grey(52.2)]] },
	'High key': { holds: [[grey(66), grey(90)]], fails: [[grey(64), grey(90)]] },
	'Low key': { holds: [[grey(5), grey(39)]], fails: [[grey(5), grey(41)]] },
	'All parents warm': { holds: [['#b3392b', '#d9b036']], fails: [['#b3392b', '#2f5f86']] },
	'All parents cool': { holds: [['#2f5f86', '#3a7f7f']], fails: [['#b3392b', '#2f5f86']] },
	'First parent warm': { holds: [['#b3392b', '#2f5f86']], fails: [['#2f5f86', '#b3392b']] },
	'Second parent cool': { holds: [['#b3392b', '#2f5f86']], fails: [['#2f5f86', '#b3392b']] },
	'Parents adjacent on the wheel': { holds: [['#ff0000', '#ffff00']], fails: [['#ff0000', '#00ff00']] },
	'Parents opposite on the wheel': { holds: [['#ff0000', '#00ff00']], fails: [['#ff0000', '#ffff00']] },
	'No parent left pure': { holds: [['#b3392b', '#2f5f86']], fails: [['#b3392b', '#0000ff']] }
};

describe('the checks that are offered', () => {
	it('stand in four groups, and each holds for one scale and fails for another', () => {
		expect(COMMON_RULES.map(({ about }) => about)).toEqual(['Steps', 'Value', 'Warm and cool', 'Parents']);
		const offered = COMMON_RULES.flatMap(({ rules }) => rules);
		expect(offered.map(({ name }) => name)).toEqual(Object.keys(EXAMPLES));
		for (const { name, rule } of offered) {
			const { holds, fails } = EXAMPLES[name]!;
			expect(judge(rule, ...holds).holds, name).toBe(true);
			expect(judge(rule, ...fails).holds, name).toBe(false);
		}
	});

	it('say in their heading what they ask for', () => {
		const said: [ScaleRule, string][] = [
			[{ rule: 'recipe', is: 'tones-level' }, 'Recipe: tones, level'],
			[{ rule: 'count', least: 5, most: 9 }, '5 to 9 between'],
			[{ rule: 'count', least: 7, most: 7 }, '7 between'],
			[{ rule: 'temperature', of: 'all', is: 'warm' }, 'All parents warm'],
			[{ rule: 'temperature', of: 0, is: 'cool' }, 'First parent cool'],
			[{ rule: 'temperature', of: 3, is: 'warm' }, 'Fourth parent warm'],
			[{ rule: 'temperature', of: 6, is: 'warm' }, 'A parent warm'],
			[{ rule: 'separation', wheel: 'light', least: 10, most: 60 }, 'Parents 10° to 60° apart'],
			[{ rule: 'key', is: 'high' }, 'High key: value 65 or more'],
			[{ rule: 'key', is: 'high', limit: 70 }, 'High key: value 70 or more'],
			[{ rule: 'key', is: 'low' }, 'Low key: value 40 or less'],
			[{ rule: 'key', is: 'low', limit: 30 }, 'Low key: value 30 or less'],
			[{ rule: 'not-pure' }, 'No parent left pure'],
			[{ rule: 'value-one-way' }, 'Value runs one way'],
			[{ rule: 'value-equal', within: 2 }, 'One value, within 2'],
			[{ rule: 'evenness', least: 0.8 }, 'Evenness 0.8 or more'],
			[{ rule: 'uses-palette', palette: [], within: 2 }, 'Parents from the palette']
		];
		for (const [rule, words] of said) expect(ruleWords(rule)).toBe(words);
	});

	it('let their numbers be set, each with its name, its usual value and its range', () => {
		const limits = (rule: ScaleRule) =>
			limitsOf(rule).map(({ name, value, least, most }) => [name, value, least, most]);
		expect(limits({ rule: 'count', least: 5, most: 9 })).toEqual([
			['Between, at least', 5, 0, 9],
			['Between, at most', 9, 5, 48]
		]);
		expect(limits({ rule: 'separation', wheel: 'light', least: 10, most: 60 })).toEqual([
			['Angle, at least', 10, 0, 60],
			['Angle, at most', 60, 10, 180]
		]);
		expect(limits({ rule: 'key', is: 'high' })).toEqual([['Value, at least', 65, 0, 100]]);
		expect(limits({ rule: 'key', is: 'low', limit: 30 })).toEqual([['Value, at most', 30, 0, 100]]);
		expect(limits({ rule: 'key', is: 'low' })).toEqual([['Value, at most', 40, 0, 100]]);
		expect(limits({ rule: 'value-equal', within: 2 })).toEqual([['Value, within', 2, 0, 100]]);
		expect(limits({ rule: 'evenness', least: 0.8 })).toEqual([['Evenness, at least', 0.8, 0, 1]]);
		const palette: ScaleRule = { rule: 'uses-palette', palette: ['#808080'], within: 2 };
		expect(limits(palette)).toEqual([['Difference, at most', 2, 0, 100]]);
		expect(limitsOf(palette)[0]!.set(3)).toEqual({ ...palette, within: 3 });
		for (const rule of [{ rule: 'not-pure' }, { rule: 'value-one-way' }, { rule: 'recipe', is: 'tints' }] as const)
			expect(limits(rule)).toEqual([]);
	});
});

describe('at the limit itself', () => {
	it('a count holds from its least to its most', () => {
		const count = (between: number) =>
			judge({ rule: 'count', least: 5, most: 9 }, ['#ffffff', '#000000'], { between }).holds;
		expect([4, 5, 9, 10].map(count)).toEqual([false, true, true, false]);
		const { reason } = judge({ rule: 'count', least: 5, most: 9 }, ['#ffffff', '#000000'], { between: 4 });
		expect(reason).toBe('There are 4 steps between, 6 in all; 5 to 9 between is asked.');
	});

	it('a recipe that is the one asked for holds', () => {
		expect(judge({ rule: 'recipe', is: 'tints' }, ['#b3392b'], { recipe: 'tints' }).holds).toBe(true);
	});

	it('one parent of many is warm or cool by itself, said by its number', () => {
		const asked: ScaleRule = { rule: 'temperature', of: 1, is: 'cool' };
		expect(judge(asked, ['#b3392b', '#2f5f86'])).toMatchObject({ holds: true, step: null });
		expect(judge(asked, ['#2f5f86', '#b3392b'])).toMatchObject({
			holds: false,
			step: 7,
			reason: 'The second parent is warm; it should be cool.'
		});
	});

	it('an angle outside its limits is said on the side that it fails, with no contradiction', () => {
		// Red and green stand 120° apart on the light wheel, by its definition.
		const far = judge({ rule: 'separation', wheel: 'light', least: 10, most: 60 }, ['#ff0000', '#00ff00']);
		expect(far.reason).toBe('The parents stand 120° apart on the light wheel; 10° to 60° is asked.');
		const over = judge({ rule: 'separation', wheel: 'light', least: 1, most: 59 }, ['#ff0000', '#ffff00']);
		expect(over).toMatchObject({ holds: false, reason: expect.stringContaining('stand 60° apart') });
	});

	it('a parent left pure is measured in per cent of what its hue can have', () => {
		const { reason } = judge({ rule: 'not-pure' }, ['#808080', '#ff0000']);
		expect(reason).toBe('The second parent has 100 % of the greatest chroma of its hue; under 90 % is not left pure.');
		expect(judge({ rule: 'not-pure' }, ['#808080', '#808080']).reason).toContain('has 0 %');
	});

	it('equal values point at the step that is farthest from the first, whichever way', () => {
		const parents = [grey(50), grey(44), grey(53)];
		expect(judge({ rule: 'value-equal', within: 2 }, parents, { recipe: 'path', between: 1 })).toMatchObject({
			step: 2,
			reason: 'Values differ by 9.0 L*; 2 is allowed.'
		});
		expect(judge({ rule: 'value-equal', within: 0 }, ['#808080', '#808080']).holds).toBe(true);
	});

	it('evenness points at the step after the largest difference', () => {
		const uneven = judge({ rule: 'evenness', least: 0.9 }, [grey(90), grey(80), grey(40)], {
			recipe: 'path',
			between: 1
		});
		expect(uneven).toMatchObject({ holds: false, step: 3 });
	});
});

describe('figures on grounds', () => {
	const [red, blue, paper] = ['#b3392b', '#2f5f86', '#e9dcc0'].map(linear) as [Triple, Triple, Triple];

	const grounded = (made: Partial<MadeGrounds>): MadeGrounds => ({ figures: [], grounds: [], attempt: null, ...made });
	const crossed = (figures: Triple[], crossings: Triple[]) =>
		judgeMix({ figures, crossings, attempt: null }, { rule: 'overlap-transparent' });

	it('one figure or one ground cannot be compared, and is said to be one', () => {
		expect(
			judgeGrounds(grounded({ figures: [red], grounds: [red] }), { rule: 'figures-identical', within: 1 })
		).toMatchObject({
			holds: false,
			key: 'rule.missing',
			reason: 'There is only one figure; two are asked.'
		});
		expect(
			judgeGrounds(grounded({ figures: [red], grounds: [red] }), { rule: 'grounds-differ', least: 1 })
		).toMatchObject({
			holds: false,
			key: 'rule.missing',
			reason: 'There are no two grounds; two are asked.'
		});
		expect(crossed([red, blue], [])).toMatchObject({ holds: false, key: 'rule.missing' });
	});

	it('a crossing that lies outside its two colours does not read as transparent; one between them does', () => {
		const judged = (crossing: Triple) => crossed([red, paper], [crossing]);
		expect(judged(overlapOf(red, paper, 0)).holds).toBe(true);
		expect(judged(blue).holds).toBe(false);
		expect(judged(blue).reason).not.toBe(judged(overlapOf(red, paper, 0)).reason);
	});

	it('of several figures the two that differ most decide, and of several grounds the two that differ least', () => {
		const figures = [red, red, blue, red];
		expect(judgeGrounds(grounded({ figures }), { rule: 'figures-identical', within: 1 })).toMatchObject({
			holds: false,
			step: 3
		});
		const same = judgeGrounds(grounded({ figures: [red, red] }), { rule: 'figures-identical', within: 0 });
		expect(same).toMatchObject({ holds: true, step: null, reason: 'The figures are one colour, within 0 ΔE00.' });
		const grounds = [red, blue, paper, paper];
		expect(judgeGrounds(grounded({ grounds }), { rule: 'grounds-differ', least: 5 })).toMatchObject({
			holds: false,
			step: 4,
			reason: 'The grounds differ by 0.0 ΔE00; at least 5 is asked.'
		});
		expect(judgeGrounds(grounded({ grounds: [paper, paper] }), { rule: 'grounds-differ', least: 0 }).holds).toBe(true);
	});

	it('of several crossings the first that does not read is named', () => {
		const reads = overlapOf(red, paper, 0);
		expect(crossed([red, paper, red], [reads, overlapOf(paper, red, 0)]).holds).toBe(true);
		expect(crossed([red, paper, red], [reads, blue])).toMatchObject({ holds: false, step: 2 });
		expect(crossed([red, paper, red], [reads, blue]).reason).toMatch(/^Crossing 2: /);
	});

	it('what was set by eye counts as it stood when the solution was shown; shown before, it never holds', () => {
		const judged = (attempt: Triple | null | undefined, within = 10) =>
			judgeGrounds(grounded({ attempt: { attempt, solution: red } }), { rule: 'attempt', within });
		expect(judged(red)).toMatchObject({ holds: true, key: 'rule.attempt' });
		expect(judged(blue).holds).toBe(false);
		expect(judged(blue, 100).holds).toBe(true);
		expect(judged(undefined)).toMatchObject({ holds: false, key: 'rule.missing' });
		expect(judged(null).reason).toBe('The solution was shown before anything was set by eye.');
		expect(judgeGrounds(grounded({}), { rule: 'attempt', within: 99 }).holds).toBe(false);
	});
});
