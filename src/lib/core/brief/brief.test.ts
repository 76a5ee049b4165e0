import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { overlapOf } from '../mix/overlap';
import { makeScale } from '../scale/scale';
import { type ScaleSpec } from '../scale/spec';
import { judgeGrounds } from './judge-grounds';
import { judgeScale } from './judge-scale';
import { limitsOf } from './rule-limits';
import { COMMON_RULES } from './rule-words';
import { type ScaleRule } from './rules';

const linear = (text: string): Triple => toLinear(readColour(text));
const judge = (rule: ScaleRule, parents: string[], more: Partial<ScaleSpec> = {}) => {
	const recipe = more.recipe ?? 'interval';
	const colours = parents.map(readColour);
	const scale = makeScale({ recipe, parents: colours, between: 5, method: 'oklab', spacing: 'shares', ...more });
	return judgeScale({ recipe, parents: parents.map(linear), scale }, rule);
};

describe('the interval sheet (common practice, no source): warm adjacent, cool adjacent, warm to cool in high and in low key', () => {
	it('warm and adjacent parents', () => {
		const adjacent: ScaleRule = { rule: 'separation', wheel: 'light', least: 10, most: 60 };
		expect(judge({ rule: 'temperature', of: 'all', is: 'warm' }, ['#b3392b', '#d9b036']).holds).toBe(true);
		expect(judge(adjacent, ['#b3392b', '#d9b036']).holds).toBe(true);
		const cool = judge({ rule: 'temperature', of: 'all', is: 'warm' }, ['#b3392b', '#2f5f86']);
		expect(cool).toMatchObject({ holds: false, step: 7, reason: 'The second parent is cool; all should be warm.' });
		expect(judge(adjacent, ['#0000ff', '#00ff00'])).toMatchObject({
			holds: false,
			reason: expect.stringContaining('120° apart')
		});
		expect(judge(adjacent, ['#0000ff', '#00ffff']).holds).toBe(true);
	});

	it('key: the step that leaves it is named, and a brief may set other limits', () => {
		expect(judge({ rule: 'key', is: 'high' }, ['#f0d0b0', '#b0d0e8']).holds).toBe(true);
		expect(judge({ rule: 'key', is: 'high' }, ['#f0d0b0', '#2f5f86'])).toMatchObject({ holds: false, step: 7 });
		expect(judge({ rule: 'key', is: 'low' }, ['#401010', '#102040']).holds).toBe(true);
		expect(judge({ rule: 'key', is: 'low', limit: 10 }, ['#401010', '#102040']).holds).toBe(false);
	});

	it('no parent left pure', () => {
		expect(judge({ rule: 'not-pure' }, ['#b3392b', '#2f5f86']).holds).toBe(true);
		expect(judge({ rule: 'not-pure' }, ['#b3392b', '#0000ff'])).toMatchObject({
			holds: false,
			step: 7,
			reason: 'The second parent is left pure.'
		});
	});
});

it('recipe, count, value and evenness', () => {
	expect(judge({ rule: 'recipe', is: 'tints' }, ['#b3392b', '#2f5f86'])).toMatchObject({
		holds: false,
		reason: 'The recipe is interval; tints is asked.'
	});
	expect(judge({ rule: 'count', least: 5, most: 5 }, ['#b3392b', '#2f5f86'])).toMatchObject({
		holds: true,
		reason: 'There are 5 steps between, 7 in all; 5 between is asked.'
	});
	expect(judge({ rule: 'value-one-way' }, ['#b3392b'], { recipe: 'tints' }).holds).toBe(true);
	const there = judge({ rule: 'value-one-way' }, ['#202020', '#f0f0f0', '#303030'], { recipe: 'path' });
	expect(there).toMatchObject({ holds: false, reason: expect.stringContaining('turns at step') });
	expect(judge({ rule: 'value-equal', within: 0.5 }, ['#b3392b'], { recipe: 'tones-level' }).holds).toBe(true);
	expect(judge({ rule: 'value-equal', within: 5 }, ['#b3392b'], { recipe: 'tints' })).toMatchObject({
		holds: false,
		step: 7
	});
	expect(judge({ rule: 'evenness', least: 0.95 }, ['#d9b036'], { recipe: 'shades' }).holds).toBe(false);
	expect(
		judge({ rule: 'evenness', least: 0.95 }, ['#d9b036'], { recipe: 'shades', spacing: 'differences' }).holds
	).toBe(true);
});

it('parents out of a palette', () => {
	const rule: ScaleRule = { rule: 'uses-palette', palette: ['#b3392b', '#2f5f86'], within: 2 };
	expect(judge(rule, ['#b3392b', '#2f5f86']).holds).toBe(true);
	expect(judge(rule, ['#b3392b', '#d9b036'])).toMatchObject({
		holds: false,
		step: 7,
		reason: expect.stringContaining('from the nearest colour')
	});
});

it('figures and grounds', () => {
	const [one, other, figure] = ['#d9b036', '#2f5f86', '#9a8f62'].map(linear) as [Triple, Triple, Triple];
	const made = { figures: [figure, figure], grounds: [one, other] };
	expect(judgeGrounds(made, { rule: 'figures-identical', within: 0.5 }).holds).toBe(true);
	expect(judgeGrounds({ ...made, figures: [figure, one] }, { rule: 'figures-identical', within: 0.5 })).toMatchObject({
		holds: false,
		step: 2
	});
	expect(judgeGrounds(made, { rule: 'grounds-differ', least: 20 }).holds).toBe(true);
	expect(judgeGrounds({ ...made, grounds: [one, one] }, { rule: 'grounds-differ', least: 20 }).holds).toBe(false);
	const crossing = overlapOf(one, other, 0.3);
	expect(judgeGrounds({ figures: [one, other], grounds: [], crossing }, { rule: 'overlap-transparent' }).holds).toBe(
		true
	);
	expect(judgeGrounds(made, { rule: 'overlap-transparent' }).holds).toBe(false);
});

it('a limit set by hand decides the verdict: the same tints pass five between and fail six', () => {
	const rule = { rule: 'count', least: 5, most: 9 } as const;
	const [least, most] = limitsOf(rule);
	const holds = (asked: ScaleRule): boolean => judge(asked, ['#2f5f86'], { recipe: 'tints' }).holds;
	expect([rule, least!.set(6), most!.set(5)].map(holds)).toEqual([true, false, true]);
	expect([least!.most, most!.least]).toEqual([9, 5]);
});

it('every rule that has numbers lets each be set, and only that one changes', () => {
	for (const { rule } of COMMON_RULES)
		limitsOf(rule).forEach((limit, i) => {
			const other = limit.value === limit.most ? limit.least : limit.most;
			const after = limitsOf(limit.set(other)).map(({ value }) => value);
			expect(after).toEqual(limitsOf(rule).map(({ value }, at) => (at === i ? other : value)));
		});
});
