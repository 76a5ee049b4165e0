import { scaleRules } from '$lib/core/brief/scale-rules';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { newId } from '$lib/model/ids';
import { NEAR_PALETTE } from '../checks-by';
import { checkKey, decision } from '../decision';
import { type KindChecks, type PlateCheck } from '../checks';
import { MOST_CHECKS, type Check } from './check';
import { judgeScales, type Judged } from './judge';
import { type ScalesPlace } from './places';
import { scaleOf } from './scale-of';
import { type ScalesPlate } from './schema';

const changeChecks = (plateId: string, change: (checks: readonly Check[]) => Check[]): Edit =>
	withPlateOf<ScalesPlate>('scales', plateId, (plate) => ({ ...plate, checks: change(plate.checks ?? []) }));

type Linked = Parameters<KindChecks<ScalesPlate>['judged']>[1];

/** Where the step that breaks a check is held. */
function breaking({ scale, step }: Judged, linked: Linked): PlateCheck['at'] {
	if (!scale || step === null) return null;
	const parent = scaleOf(scale, linked).steps[step - 1]?.parent ?? null;
	const place: ScalesPlace =
		parent === null
			? { kind: 'step', scale: scale.id, step: step - 1 }
			: { kind: 'parent', scale: scale.id, index: parent };
	return { words: `step ${step}`, place };
}

/** What a plate of scales is asked to meet: one of its scales by itself, or every one. */
export const scaleChecks: KindChecks<ScalesPlate> = {
	most: MOST_CHECKS,
	parts: { one: 'for this row', all: 'for every row' },
	offered: ({ id }) =>
		scaleRules.common.map(({ about, rules }) => ({
			about,
			checks: rules.map(({ name, says, rule }) => ({
				name,
				says,
				asks: scaleRules.words(rule),
				add: (scale: string | null) => changeChecks(id, (checks) => [...checks, { id: newId(), scale, rule }])
			}))
		})),
	askPalette: ({ id }, palette) =>
		changeChecks(id, (checks) => [
			...checks,
			{ id: newId(), scale: null, rule: { rule: 'uses-palette', palette, within: NEAR_PALETTE } }
		]),
	carry: (plate, { checks = [] }) => ({
		...plate,
		checks: checks.filter(({ scale }) => scale === null || plate.scales.some(({ id }) => id === scale))
	}),
	decisions: ({ checks = [] }) =>
		checks.map(({ id, scale, rule }) =>
			decision(checkKey(id), `the check “${scaleRules.words(rule)}”`, { scale, rule })
		),
	judged: (plate, linked) =>
		judgeScales(plate, linked).map((judged) => {
			const { check, scale, holds, key, reason, step, figure } = judged;
			const row = scale ? `row ${plate.scales.indexOf(scale) + 1}` : '';
			const every = check.scale === null;
			return {
				id: check.id,
				holds,
				key,
				step,
				...(figure === undefined ? {} : { figure }),
				reason: every && scale && !holds ? `${row.replace('r', 'R')}: ${reason}` : reason,
				asks: scaleRules.words(check.rule),
				of: every ? 'every row' : row,
				at: breaking(judged, linked),
				limits: scaleRules.limits(check.rule).map((limit) => ({
					...limit,
					set: (to: number) =>
						changeChecks(plate.id, (all) =>
							all.map((each) => (each.id === check.id ? { ...each, rule: limit.set(to) } : each))
						)
				})),
				remove: changeChecks(plate.id, (all) => all.filter(({ id }) => id !== check.id))
			};
		})
};
