import { type ContrastShift } from '$lib/core/matching/own-contrast';
import { type ChartOption } from '$lib/ui/charts';

export const CONTRAST_CHART_HEIGHT = 190;

const INK = '#1c1c1c';
const SOFT = '#5a5a5a';
const HAIRLINE = '#00000026';
const LABEL = { color: SOFT, fontSize: 10.5 } as const;

/** L* of the ground less that of the figure across, the shift in L* upwards. */
export const CONTRAST_FRAME: ChartOption = {
	animation: false,
	silent: true,
	grid: { left: 34, right: 12, top: 10, bottom: 26, outerBoundsMode: 'none' },
	xAxis: {
		type: 'value',
		min: -50,
		max: 50,
		interval: 25,
		axisLabel: LABEL,
		splitLine: { show: false },
		axisLine: { lineStyle: { color: '#767676' } }
	},
	yAxis: {
		type: 'value',
		axisLabel: LABEL,
		splitLine: { lineStyle: { color: HAIRLINE } },
		axisLine: { show: false },
		axisTick: { show: false }
	},
	series: [
		{ type: 'scatter', symbol: 'diamond', symbolSize: 10, itemStyle: { color: INK } },
		{ type: 'scatter', symbol: 'rect', symbolSize: [14, 2], itemStyle: { color: SOFT } }
	]
};

/** What was measured on each ground, and what the model has with the p that fits best. */
export const contrastSeries = (shifts: readonly ContrastShift[]): ChartOption => ({
	series: [
		{ data: shifts.map(({ ground, measured }) => [ground, measured]) },
		{ data: shifts.map(({ ground, predicted }) => [ground, predicted]) }
	]
});
