import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { scalesPlateOf } from '../../../../tests/support/plates';
import { type Check } from './check';
import { judgeScales } from './judge';
import { type ScaleDecision } from './scale';
import { type ScalesPlate } from './schema';

const study = newStudy('Checks', '');
const start = scalesPlateOf(study);
const scale = (id: string, text: string): ScaleDecision => ({
	...start.scales[0]!,
	id,
	recipe: 'tints',
	parents: [{ text }, { text: '#ffffff' }]
});
/** A pure red as the screen has it, and a dull one. */
const [pure, dull] = [scale('purescale001', '#ff0000'), scale('dullscale001', '#8a5a50')];
const notPure = (of: string | null): Check => ({ id: 'check0000001', scale: of, rule: { rule: 'not-pure' } });
const judged = (scales: readonly ScaleDecision[], ...checks: Check[]) => {
	const plate: ScalesPlate = { ...start, scales: [...scales], checks };
	return judgeScales(plate, study.linked);
};

describe('the checks of a plate', () => {
	it('of one scale are judged by that one, whatever the others are', () => {
		expect(judged([pure, dull], notPure(dull.id))).toMatchObject([{ holds: true, scale: dull }]);
		expect(judged([dull, pure], notPure(pure.id))).toMatchObject([{ holds: false, scale: pure }]);
	});

	it('of all scales are judged by the first that breaks them, and hold by the first where none does', () => {
		expect(judged([dull, pure], notPure(null))).toMatchObject([{ holds: false, scale: pure }]);
		expect(judged([dull, { ...dull, id: 'dullscale002' }], notPure(null))).toMatchObject([
			{ holds: true, scale: dull }
		]);
	});

	it('tell what was measured: of the one that breaks them, or from the least to the greatest where all hold', () => {
		const count = (least: number): Check => ({
			id: 'check0000002',
			scale: null,
			rule: { rule: 'count', least, most: 9 }
		});
		const [three, seven] = [
			{ ...dull, between: 3 },
			{ ...pure, between: 7 }
		];
		expect(judged([seven, three], count(3))).toMatchObject([{ holds: true, figure: '3 to 7' }]);
		expect(judged([seven, { ...seven, id: 'purescale002' }], count(3))).toMatchObject([{ holds: true, figure: '7' }]);
		expect(judged([seven, three], count(5))).toMatchObject([{ holds: false, figure: '3' }]);
		expect(judged([dull], notPure(null))[0]!.figure).toBeUndefined();
	});

	it('do not hold while there is no scale, and there are none where none are asked for', () => {
		const check = notPure(null);
		expect(judged([], check)).toEqual([
			{ check, scale: null, holds: false, key: 'rule.missing', reason: 'There is no scale yet.', step: null }
		]);
		expect(judged([pure])).toEqual([]);
		expect(judgeScales(start, study.linked)).toEqual([]);
	});

	it('are judged anew only when the plate or the linked colours are others', () => {
		const plate: ScalesPlate = { ...start, checks: [notPure(null)] };
		const first = judgeScales(plate, study.linked);
		expect(judgeScales(plate, study.linked)).toBe(first);
		expect(judgeScales(plate, [...study.linked])).not.toBe(first);
		expect(judgeScales({ ...plate }, study.linked)).not.toBe(first);
	});
});
