import { type SeenRow } from '../row-of';
import { type ChartOption } from '$lib/ui/charts';

const HALF = 104;
const GAP = 34;
export const ROW_CHART_HEIGHT = 2 * HALF + GAP + 22;

const INK = '#1c1c1c';
const SOFT = '#5a5a5a';
const HAIRLINE = '#00000026';
const LABEL = { color: SOFT, fontSize: 10.5 } as const;

/** The grounds of a row by their number across; shift of value in L* above, of OKLCH chroma below. */
export function rowFrame(grounds: number, lines: number): ChartOption {
	const across = (gridIndex: number) =>
		({
			type: 'value',
			gridIndex,
			min: 1,
			max: Math.max(2, grounds),
			interval: 1,
			axisLabel: { ...LABEL, hideOverlap: true },
			splitLine: { show: false },
			axisLine: { lineStyle: { color: '#767676' } }
		}) as const;
	const up = (gridIndex: number) =>
		({
			type: 'value',
			gridIndex,
			splitNumber: 3,
			axisLabel: LABEL,
			splitLine: { lineStyle: { color: HAIRLINE } },
			axisLine: { show: false },
			axisTick: { show: false }
		}) as const;
	const line = (at: number, isMean: boolean) =>
		({
			type: 'line',
			xAxisIndex: at,
			yAxisIndex: at,
			symbol: isMean ? 'circle' : 'none',
			symbolSize: 5,
			lineStyle: { color: isMean ? INK : '#9a9a9a', width: isMean ? 1.8 : 0.8 },
			itemStyle: { color: INK }
		}) as const;
	const each = lines > 1 ? lines : 0;
	return {
		animation: false,
		silent: true,
		grid: [
			{ left: 38, right: 12, top: 8, height: HALF, outerBoundsMode: 'none' },
			{ left: 38, right: 12, top: 8 + HALF + GAP, height: HALF, outerBoundsMode: 'none' }
		],
		xAxis: [across(0), across(1)],
		yAxis: [up(0), up(1)],
		series: [0, 1].flatMap((at) => [...Array.from({ length: each }, () => line(at, false)), line(at, true)])
	};
}

/** A line for the mean, and a thin one for every step where a scale stands on the grounds. */
export function rowSeries(row: readonly SeenRow[]): ChartOption {
	const steps = row[0]?.seen.length ?? 0;
	const linesOf = (key: 'value' | 'chroma') => [
		...Array.from({ length: steps > 1 ? steps : 0 }, (_, step) => ({
			data: row.map(({ seen }, i) => [i + 1, seen[step]!.shift[key]])
		})),
		{ data: row.map((ground, i) => [i + 1, ground[key]]) }
	];
	return { series: [...linesOf('value'), ...linesOf('chroma')] };
}
