import { type Strengths } from '$lib/core/ground/on-ground';
import { CONTRAST_ROUNDS, type OwnContrast } from '$lib/core/matching/own-contrast';
import { type ContrastSeries } from '$lib/model/own-contrast';
import { type GroundsCommon } from '../../common';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { INK, SOFT, words } from '$lib/drawing/words';
import { type MadeContrast } from './contrast-of';
import { sayDay } from '$lib/drawing/say-day';
import { BOARD_FILL, figureOf, marksOf } from '../../ground-shapes';
import { sayStrength } from '../../say-strengths';
import { figureIn, GROUND_BOXES } from '../../grounds-layout';

const MARKS_Y = 484;

/** Where the chart of shifts stands, and what its axes reach in L*. */
const CHART = { x: 96, y: 168, width: 640, height: 280, across: 50, up: 16 } as const;

const signed = (value: number): string => (value < 0 ? `−${Math.abs(value)}` : String(value));

function placeOn(ground: number, shift: number): readonly [number, number] {
	const { x, y, width, height, across, up } = CHART;
	const held = (value: number, most: number) => Math.max(-most, Math.min(most, value));
	return [
		x + (width * (held(ground, across) + across)) / (2 * across),
		y + (height * (up - held(shift, up))) / (2 * up)
	];
}

function axes(): Shape[] {
	const { x, y, width, height, across, up } = CHART;
	const rule = (x1: number, y1: number, x2: number, y2: number, stroke: string): Shape => ({
		kind: 'rule',
		x1,
		y1,
		x2,
		y2,
		stroke
	});
	return [
		rule(x, y, x, y + height, SOFT),
		rule(x, y + height, x + width, y + height, SOFT),
		rule(x, y + height / 2, x + width, y + height / 2, '#b4b4b4'),
		rule(x + width / 2, y, x + width / 2, y + height, '#b4b4b4'),
		...[-up, -up / 2, 0, up / 2, up].map((at) => words(x - 8, placeOn(0, at)[1] + 4, signed(at), { anchor: 'end' })),
		...[-across, -across / 2, 0, across / 2, across].map((at) =>
			words(placeOn(at, 0)[0], y + height + 16, signed(at), { anchor: 'middle' })
		),
		words(28, y - 14, 'seems lighter (up) or darker, L*'),
		words(x + width, y + height + 32, 'ground darker (left) or lighter than the figure, L*', {
			anchor: 'end'
		})
	];
}

const DOT = 5;

/** A full lozenge for what was measured, an upright line from it to what the model has with these strengths. */
function dots({ shifts }: OwnContrast): Shape[] {
	return shifts.flatMap(({ ground, measured, predicted }): Shape[] => {
		const [x, y] = placeOn(ground, measured);
		const [, model] = placeOn(ground, predicted);
		return [
			{ kind: 'rule', x1: x, y1: y, x2: x, y2: model, stroke: SOFT },
			bar({ x: x - 8, y: model - 0.8, width: 16, height: 1.6 }, INK),
			{ kind: 'area', path: `M${x} ${y - DOT}L${x + DOT} ${y}L${x} ${y + DOT}L${x - DOT} ${y}z`, fill: INK }
		];
	});
}

/** "−0.30 ± 0.04" */
const withSpread = ({ strengths, spread }: OwnContrast, on: keyof Strengths): string =>
	`${sayStrength(strengths[on])} ± ${spread[on].toFixed(2)}`;

const drawResult = (result: OwnContrast, kept: string | null): Shape[] => [
	words(28, 92, `On value ${withSpread(result, 'value')}, on colour ${withSpread(result, 'colour')}`, {
		face: 'serif',
		size: 27,
		fill: INK
	}),
	words(
		28,
		116,
		`${result.shifts.length} matches by one person, on one screen, in one room${kept ? `, ${kept}` : ''}. ± is how far single matches differ.`
	),
	...axes(),
	...dots(result),
	words(
		28,
		520,
		'Lozenges: what was set. Bars: what the model says with these strengths, which say nothing about how good anyone’s eyes are.'
	)
];

/** One's own contrast: the match at hand, or what the series came to. */
export function drawOwnContrast(
	common: GroundsCommon,
	{ twins, kept }: ContrastSeries,
	{ now, result }: MadeContrast
): Shape[] {
	if (result) return drawResult(result, kept && sayDay(kept.made));
	if (!now) return [];
	const [left, right] = GROUND_BOXES;
	const { form, size } = common;
	return [
		bar(left, now.ground.hex),
		bar(right, BOARD_FILL),
		figureOf(common, figureIn(left, form, size), now.figure.hex),
		figureOf(common, figureIn(right, form, size), now.twin.hex),
		words(28, 430, `Match ${twins.length + 1} of ${CONTRAST_ROUNDS}: set the right figure until both look alike.`, {
			face: 'serif',
			size: 17,
			fill: INK
		}),
		words(28, 452, 'Look from one to the other and back; trust the eye, not the numbers. There is no right answer.'),
		...marksOf([...twins.map(() => true), false], MARKS_Y)
	];
}
