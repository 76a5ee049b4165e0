import { HUE_PLACE } from '$lib/core/scale/mixing';
import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	colourDecision,
	decided,
	decision,
	decisionsBy,
	free,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { usedParents } from './scale-of';
import { isMixed, type ScaleDecision } from './scale';
import { type ScalesPlate } from './schema';

type Row = ScaleDecision;
const endsInGrey = ({ recipe }: Row): boolean => recipe === 'tones-rising' || recipe === 'tones-falling';
const isDulling = ({ recipe }: Row): boolean => recipe === 'dulling';
const turns = (row: Row): boolean => row.recipe === 'hue-steps' || HUE_PLACE[row.method] >= 0;

/** What is decided of a row, by its number from 1. */
function rowFields(id: string, number: number): DecisionFields<Row> {
	const row = `of row ${number}`;
	const one = (key: string, name: string, counts?: (row: Row) => boolean) => decided<Row>(`${id}.${key}`, name, counts);
	return {
		id: free('it names the row'),
		recipe: one('recipe', `the recipe ${row}`),
		between: one('between', `the number of steps ${row}`),
		spacing: one('spacing', `the spacing ${row}`),
		parents: (parents: readonly ColourSource[], scale, linked) => {
			const { length } = usedParents(scale);
			return [
				decision(`${id}.parents`, `the number of parents ${row}`, length, scale.recipe !== 'path'),
				...parents.map((source, k) =>
					colourDecision(
						`${id}.parent.${k}`,
						`${length > 1 ? `parent ${k + 1}` : 'the parent'} ${row}`,
						source,
						linked,
						k >= length
					)
				)
			];
		},
		method: one('method', `how row ${number} is mixed`, isMixed),
		route: one('route', `the way round the hues ${row}`, turns),
		endValue: one('endValue', `the value of the end grey ${row}`, endsInGrey),
		wheel: one('wheel', `the wheel of the opposite ${row}`, isDulling),
		oneWay: one('oneWay', `how far row ${number} is dulled`, isDulling),
		dulling: one('dulling', `how row ${number} is dulled`, isDulling),
		turning: one('turning', `the strength of the hues ${row}`, ({ recipe }) => recipe === 'hue-steps'),
		parentPlace: one('parentPlace', `the place of the parent ${row}`, ({ recipe }) => recipe === 'value-steps'),
		places: one('places', `where the parents of row ${number} lie`, ({ recipe }) => recipe === 'path'),
		bias: one('bias', `the bend of the spacing ${row}`, ({ spacing }) => spacing === 'curve'),
		pins: (pins = [], _, linked) => [
			decision(`${id}.pinned`, `which steps ${row} are pinned`, pins.map(({ step }) => step).join(' ')),
			...pins.map(({ step, colour }) =>
				colourDecision(`${id}.pin.${step}`, `the pinned step ${step} ${row}`, colour, linked)
			)
		],
		look: free('how a row is laid out changes none of its colours'),
		label: free('words of whoever works on it')
	};
}

const FIELDS: DecisionFields<ScalesPlate> = {
	scales: (rows, _, linked): Decision[] => [
		decision(
			'rows',
			'which rows there are',
			rows.map(({ id }) => id)
		),
		...rows.flatMap((row, i) => decisionsBy(rowFields(row.id, i + 1), row, linked))
	],
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of a plate of scales, row by row. */
export const scaleDecisions = (plate: ScalesPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
