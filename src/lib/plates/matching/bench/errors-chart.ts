import { type ChartOption } from '$lib/ui/charts';

export const ERRORS_HEIGHT = 74;

const INK = '#1c1c1c';
const LABEL = { color: '#5a5a5a', fontSize: 10.5 } as const;

/** Attempts across, the mean error upwards. */
export const errorsFrame = (attempts: number): ChartOption => ({
	animation: false,
	silent: true,
	grid: { left: 26, right: 8, top: 8, bottom: 18, outerBoundsMode: 'none' },
	xAxis: {
		type: 'value',
		min: 1,
		max: Math.max(2, attempts),
		minInterval: 1,
		axisLabel: LABEL,
		splitLine: { show: false }
	},
	yAxis: {
		type: 'value',
		min: 0,
		splitNumber: 2,
		axisLabel: LABEL,
		splitLine: { lineStyle: { color: '#00000026' } }
	},
	series: [{ type: 'line', symbolSize: 6, itemStyle: { color: INK }, lineStyle: { color: INK, width: 1.5 } }]
});

export const errorsSeries = (points: readonly (readonly [number, number])[]): ChartOption => ({
	series: [{ data: points.map(([attempt, error]) => [attempt, error]) }]
});
