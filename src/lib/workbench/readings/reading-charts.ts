import { NO_DIFFERENCE, type Readings } from '$lib/core/scale/readings';
import { type Scale } from '$lib/core/scale/scale';
import { type ChartOption } from '$lib/ui/charts';

const INK = '#1c1c1c';

/** Heights in pixels: the value chart, the room for the words under it, the difference chart. */
export const VALUE_HEIGHT = 92;
export const BETWEEN_HEIGHT = 32;
export const DIFFERENCE_HEIGHT = 48;
export const CHARTS_HEIGHT = VALUE_HEIGHT + BETWEEN_HEIGHT + DIFFERENCE_HEIGHT;

const LEFT = 26;
const GRID = { left: LEFT, right: 6, outerBoundsMode: 'none' } as const;

const TOP = 8;
/** Values that are marked, and where each stands in the chart, in pixels from its top. */
export const VALUE_AT = [100, 50, 0].map((value) => ({
	value,
	top: TOP + ((VALUE_HEIGHT - 2 * TOP) * (100 - value)) / 100
}));

/** The value axis, 0 to 100, drawn outside the chart. */
const VALUE_AXIS = { type: 'value', min: 0, max: 100, show: false } as const;

const valueLine = (dots: number) =>
	({
		type: 'line',
		symbol: 'circle',
		symbolSize: dots > 25 ? 6 : 11,
		lineStyle: { color: INK, width: 1.2 },
		itemStyle: { borderColor: INK, borderWidth: 0.8 }
	}) as const;

/** The axes of a chart of values alone, of so many colours. */
export function valueFrame(count: number): ChartOption {
	return {
		animation: false,
		silent: true,
		grid: { ...GRID, top: TOP, height: VALUE_HEIGHT - 2 * TOP },
		xAxis: { type: 'category', show: false, data: Array.from({ length: count }, (_, i) => i + 1) },
		yAxis: VALUE_AXIS,
		series: [valueLine(count)]
	};
}

/** A dot for each colour's value, in the colour itself. */
const valueDots = (steps: Scale['steps']) => steps.map(({ value, hex }) => ({ value, itemStyle: { color: hex } }));

export const valueSeries = (steps: Scale['steps']): ChartOption => ({ series: [{ data: valueDots(steps) }] });

/**
 * What stays while a colour is turned: the axes of both charts, for a scale of so many steps. Nothing moves by itself,
 * nothing answers the mouse, and the axes are drawn outside the chart, so that following a dial costs little.
 */
export function chartFrame(inAll: number): ChartOption {
	const steps = Array.from({ length: inAll }, (_, i) => i + 1);
	return {
		animation: false,
		silent: true,
		grid: [
			{ ...GRID, top: TOP, height: VALUE_HEIGHT - 2 * TOP },
			{ ...GRID, top: VALUE_HEIGHT + BETWEEN_HEIGHT, height: DIFFERENCE_HEIGHT - 1 }
		],
		xAxis: [
			{ type: 'category', show: false, data: steps },
			{ type: 'category', gridIndex: 1, show: false, data: steps.slice(1) }
		],
		yAxis: [VALUE_AXIS, { type: 'value', gridIndex: 1, min: 0, max: 1, show: false }],
		series: [
			valueLine(inAll),
			{ type: 'bar', xAxisIndex: 1, yAxisIndex: 1, barCategoryGap: '22%', itemStyle: { color: '#474747' } }
		]
	};
}

/**
 * What follows a dial: a dot for each step's value, in the step's colour, and a bar for each ΔE00 to the next, as a share of
 * the largest, so that the axis stays as it is. The numbers are said above the bars.
 */
export function chartSeries(
	{ steps }: Pick<Scale, 'steps'>,
	{ differences }: Pick<Readings, 'differences'>
): ChartOption {
	const largest = Math.max(...differences, NO_DIFFERENCE);
	return {
		series: [{ data: valueDots(steps) }, { data: differences.map((difference) => difference / largest) }]
	};
}
