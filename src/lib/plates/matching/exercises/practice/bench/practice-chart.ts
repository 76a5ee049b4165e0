import { errorsOf, quartiles, type ErrorKind } from '$lib/core/matching/practice';
import { type PracticeSeries } from '$lib/model/practice';
import { type ChartOption } from '$lib/ui/charts';

export const PRACTICE_HEIGHT = 78;
const INK = '#1c1c1c';
const LABEL = { color: '#5a5a5a', fontSize: 10.5 } as const;

/** Series across, in their order; the median of the errors upwards, with the lines between which half of them lie. */
export const practiceFrame = (count: number): ChartOption => ({
	animation: false,
	silent: true,
	grid: { left: 28, right: 8, top: 8, bottom: 18, outerBoundsMode: 'none' },
	xAxis: {
		type: 'value',
		min: 1,
		max: Math.max(2, count),
		minInterval: 1,
		axisLabel: LABEL,
		splitLine: { show: false }
	},
	yAxis: { type: 'value', min: 0, splitNumber: 2, axisLabel: LABEL, splitLine: { lineStyle: { color: '#00000026' } } },
	series: [
		{ type: 'line', symbolSize: 6, itemStyle: { color: INK }, lineStyle: { color: INK, width: 1.5 } },
		{ type: 'line', symbol: 'none', lineStyle: { color: '#767676', width: 1, type: 'dashed' } },
		{ type: 'line', symbol: 'none', lineStyle: { color: '#767676', width: 1, type: 'dashed' } }
	]
});

/** The median of each series and its spread, the oldest first. */
export function practiceSeries(list: readonly PracticeSeries[], kind: ErrorKind): ChartOption {
	const points = [...list].reverse().flatMap(({ results }, i) => {
		const found = quartiles(errorsOf(results, kind));
		return found ? [{ ...found, number: i + 1 }] : [];
	});
	return {
		series: (['median', 'low', 'high'] as const).map((key) => ({
			data: points.map((point) => [point.number, point[key]])
		}))
	};
}
