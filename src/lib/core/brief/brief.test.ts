import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { overlapOf } from '../mix/overlap';
import { makeScale } from '../scale/scale';
import { type ScaleSpec } from '../scale/spec';
import { judgeGrounds } from './ground-rules';
import { judgeMix } from './mix-rules';
import { judgeScale } from './judge-scale';
import { limitsOf } from './rule-limits';
import { COMMON_RULES } from './rule-words';
import { type ScaleRule } from './rules';

const oklch = converter('oklch');
const lab = converter('lab65');
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
			reason: 'The second parent has 100 % of the greatest chroma of its hue; under 90 % is not left pure.'
		});
	});

	it('a pure colour less a trace is still left pure, and a madder is not (chroma of culori 4.0.2)', () => {
		for (const code of ['#fc0303', '#0303fc', '#fcfc00', '#f00e0e']) {
			expect(judge({ rule: 'not-pure' }, [code, '#2f5f86']).holds, code).toBe(false);
			const { c, h } = oklch(code)!;
			expect(c / oklch(`hsl(${converter('hsl')(code)!.h} 100% 50%)`)!.c, `${code}, ${h}`).toBeGreaterThan(0.88);
		}
		for (const code of ['#d9b036', '#808080', '#5d7f45'])
			expect(judge({ rule: 'not-pure' }, [code, code]).holds).toBe(true);
	});

	it('a grey has no place on a wheel: no rule of temperature, adjacency or opposition holds for it', () => {
		const adjacent: ScaleRule = { rule: 'separation', wheel: 'light', least: 0, most: 60 };
		const opposite: ScaleRule = { rule: 'separation', wheel: 'painter', least: 150, most: 180 };
		for (const grey of ['#808080', '#7f7d80', '#000000', '#ffffff'])
			for (const other of ['#b3392b', '#3a7340']) {
				for (const rule of [adjacent, opposite])
					expect(judge(rule, [other, grey])).toMatchObject({
						holds: false,
						reason: expect.stringContaining('is a grey, which has no place on a wheel')
					});
				for (const is of ['warm', 'cool'] as const)
					expect(judge({ rule: 'temperature', of: 1, is }, [other, grey])).toMatchObject({
						holds: false,
						reason: expect.stringContaining('is a grey, which is neither warm nor cool')
					});
			}
	});

	it('a value just short of a limit is said with as many digits as show it', () => {
		// #9e9e9e has L* 65.0 in whole numbers and 64.99 in hundredths (culori 4.0.2).
		const short = judge({ rule: 'key', is: 'high', limit: 65 }, ['#f0f0f0', '#9d9d9d']);
		expect(short).toMatchObject({ holds: false, step: 7 });
		expect(Number(/has value ([\d.]+);/.exec(short.reason)![1])).toBeLessThan(65);
		for (let code = 0x90; code < 0xb0; code++) {
			const grey = `#${code.toString(16).repeat(3)}`;
			for (const limit of [60, 65, 70]) {
				const { holds, reason, figure } = judge({ rule: 'key', is: 'high', limit }, ['#ffffff', grey]);
				const said = /has value ([\d.]+);/.exec(reason)?.[1];
				expect(holds).toBe(lab(grey)!.l >= limit);
				if (said) expect(Number(said)).toBeLessThan(limit);
				// What was measured is told beside the verdict, whether it holds or not.
				expect(Math.abs(Number(figure) - lab(grey)!.l)).toBeLessThanOrEqual(0.5);
				expect(Number(figure) >= limit).toBe(holds);
			}
		}
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
	expect(there).toMatchObject({ holds: false, reason: 'Value turns at step 4.' });
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
	const made = { figures: [figure, figure], grounds: [one, other], attempt: null };
	expect(judgeGrounds(made, { rule: 'figures-identical', within: 0.5 }).holds).toBe(true);
	expect(judgeGrounds({ ...made, figures: [figure, one] }, { rule: 'figures-identical', within: 0.5 })).toMatchObject({
		holds: false,
		step: 2
	});
	expect(judgeGrounds(made, { rule: 'grounds-differ', least: 20 }).holds).toBe(true);
	expect(judgeGrounds({ ...made, grounds: [one, one] }, { rule: 'grounds-differ', least: 20 }).holds).toBe(false);
	const crossing = overlapOf(one, other, 0.3);
	const mix = { figures: [one, other], attempt: null };
	expect(judgeMix({ ...mix, crossings: [crossing] }, { rule: 'overlap-transparent' }).holds).toBe(true);
	expect(judgeMix({ ...mix, crossings: [] }, { rule: 'overlap-transparent' }).holds).toBe(false);
});

it('a limit set by hand decides the verdict: the same tints pass five between and fail six', () => {
	const rule = { rule: 'count', least: 5, most: 9 } as const;
	const [least, most] = limitsOf(rule);
	const holds = (asked: ScaleRule): boolean => judge(asked, ['#2f5f86'], { recipe: 'tints' }).holds;
	expect([rule, least!.set(6), most!.set(5)].map(holds)).toEqual([true, false, true]);
	expect([least!.most, most!.least]).toEqual([9, 5]);
});

it('every rule that has numbers lets each be set, and only that one changes', () => {
	for (const { rule } of COMMON_RULES.flatMap(({ rules }) => rules))
		limitsOf(rule).forEach((limit, i) => {
			const other = limit.value === limit.most ? limit.least : limit.most;
			const after = limitsOf(limit.set(other)).map(({ value }) => value);
			expect(after).toEqual(limitsOf(rule).map(({ value }, at) => (at === i ? other : value)));
		});
});

describe('a verdict names what breaks it', () => {
	it('the step of the parent, counted from 1, or none where a parent is no step or is missing', () => {
		const cool: ScaleRule = { rule: 'temperature', of: 'all', is: 'cool' };
		expect(judge(cool, ['#b3392b', '#2f5f86'])).toMatchObject({
			step: 1,
			reason: 'The first parent is warm; all should be cool.'
		});
		expect(judge(cool, ['#b3392b'], { recipe: 'tints' })).toMatchObject({
			step: 1,
			reason: 'The parent is warm; all should be cool.'
		});
		const inner = { recipe: 'path', spacing: 'differences' } as const;
		expect(judge(cool, ['#2f5f86', '#b3392b', '#2f5f86'], inner)).toMatchObject({ holds: false, step: null });
		expect(judge({ rule: 'temperature', of: 1, is: 'warm' }, ['#b3392b'], { recipe: 'tints' })).toMatchObject({
			key: 'rule.missing',
			reason: 'There is no second parent; it should be warm.'
		});
		const apart: ScaleRule = { rule: 'separation', wheel: 'light', least: 0, most: 180 };
		expect(judge(apart, ['#b3392b'], { recipe: 'tints' })).toMatchObject({ key: 'rule.missing', holds: false });
		expect(judge(apart, ['#808080', '#b3392b'])).toMatchObject({
			step: 1,
			reason: expect.stringContaining('The first parent is a grey')
		});
	});

	it('angles hold from the least to the most with half a degree for codes, and are said on their side of the limit', () => {
		// #ff0000 and #ffff00 stand 60° apart on the light wheel, #ff0000 and #ff8000 30.1°.
		const within = (least: number, most: number) =>
			judge({ rule: 'separation', wheel: 'light', least, most }, ['#ff0000', '#ffff00']);
		expect([within(60, 90), within(60.4, 90), within(10, 59.6), within(60, 60)].map(({ holds }) => holds)).toEqual([
			true,
			true,
			true,
			true
		]);
		expect([within(60.6, 90), within(10, 59.4)].map(({ holds }) => holds)).toEqual([false, false]);
		expect(within(61, 90).reason).toBe('The parents stand 60° apart on the light wheel; 61° to 90° is asked.');
		const near = judge({ rule: 'separation', wheel: 'light', least: 31, most: 90 }, ['#ff0000', '#ff8000']);
		expect(near).toMatchObject({ holds: false, step: 7 });
		expect(Number(/stand ([\d.]+)°/.exec(near.reason)![1])).toBeLessThan(30.5);
	});

	it('keys by their usual limits: 65 and more is high, 40 and less is low, with the words of each', () => {
		expect(judge({ rule: 'key', is: 'high' }, ['#f0f0f0', '#a0a0a0']).reason).toBe(
			'Every value is at least 65: high key.'
		);
		expect(judge({ rule: 'key', is: 'low' }, ['#101010', '#404040']).reason).toBe(
			'Every value is at most 40: low key.'
		);
		expect(judge({ rule: 'key', is: 'low' }, ['#101010', '#808080'])).toMatchObject({
			step: 7,
			reason: 'Step 7 has value 54; in low key it has at most 40.'
		});
		expect(judge({ rule: 'key', is: 'high', limit: 0 }, ['#000000', '#ffffff']).holds).toBe(true);
	});

	it('equal values within a limit, to the step farthest off; evenness to the larger step; palettes to the parent', () => {
		const level = judge({ rule: 'value-equal', within: 3 }, ['#808080', '#8a8a8a', '#808080'], { recipe: 'path' });
		expect(level).toMatchObject({ holds: false, step: 4 });
		expect(judge({ rule: 'value-equal', within: 0 }, ['#808080', '#808080']).holds).toBe(true);
		const uneven = judge({ rule: 'evenness', least: 0.9 }, ['#ffffff', '#808080', '#7c7c7c'], {
			recipe: 'path',
			between: 3,
			places: [0.5]
		});
		expect(uneven.holds).toBe(false);
		expect(uneven.step).toBeLessThanOrEqual(3);
		expect(judge({ rule: 'evenness', least: 1 }, ['#808080', '#808080']).holds).toBe(true);
		expect(judge({ rule: 'uses-palette', palette: [], within: 2 }, ['#808080', '#808080'])).toMatchObject({
			key: 'rule.missing',
			holds: false
		});
		expect(judge({ rule: 'uses-palette', palette: ['#808080'], within: 0 }, ['#808080', '#808080']).holds).toBe(true);
	});

	it('a value that wavers in small steps goes now up and now down, or turns where it is farthest', () => {
		const path = judge({ rule: 'value-one-way' }, ['#404040', '#c0c0c0', '#404040'], { recipe: 'path' });
		expect(path).toMatchObject({ holds: false, step: 4, reason: 'Value turns at step 4.' });
		expect(judge({ rule: 'value-one-way' }, ['#404040', '#c0c0c0']).reason).toBe('Value rises all the way.');
		expect(judge({ rule: 'value-one-way' }, ['#808080', '#808080']).reason).toBe('Value stays level at 54.');
	});
});
