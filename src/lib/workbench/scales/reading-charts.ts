import { type Readings } from '$lib/core/scale/readings';
import { type Scale } from '$lib/core/scale/scale';
import { type ChartOption } from '$lib/ui/charts';

const INK = '#1c1c1c';
const RULE = '#00000033';

/** Nothing moves by itself, nothing answers the mouse: these charts are read, and follow the dial at once. */
const STILL = { animation: false, silent: true } as const;

/** Value along the scale: one dot a step, in the step's colour, L* 0 to 100. */
export function valueChart({ steps }: Scale): ChartOption {
	const small = steps.length > 25;
	return {
		...STILL,
		grid: { left: 24, right: 8, top: 8, bottom: 8 },
		xAxis: { type: 'category', show: false, data: steps.map((_, i) => i + 1) },
		yAxis: {
			type: 'value',
			min: 0,
			max: 100,
			interval: 50,
			axisLabel: { color: '#5a5a5a', fontFamily: 'Archivo Variable', fontSize: 10.5, margin: 5 },
			splitLine: { lineStyle: { color: RULE } }
		},
		series: [
			{
				type: 'line',
				symbol: 'circle',
				symbolSize: small ? 6 : 11,
				lineStyle: { color: INK, width: 1.2 },
				data: steps.map(({ value, hex }) => ({ value, itemStyle: { color: hex, borderColor: INK, borderWidth: 0.8 } }))
			}
		]
	};
}

/** ΔE00 between neighbours: one bar for each pair. */
export function differenceChart({ differences }: Readings): ChartOption {
	return {
		...STILL,
		grid: { left: 24, right: 8, top: 4, bottom: 2 },
		xAxis: {
			type: 'category',
			data: differences.map((_, i) => i + 1),
			axisLabel: { show: false },
			axisTick: { show: false },
			axisLine: { lineStyle: { color: '#767676' } }
		},
		yAxis: {
			type: 'value',
			min: 0,
			splitNumber: 2,
			axisLabel: { color: '#5a5a5a', fontFamily: 'Archivo Variable', fontSize: 10.5, margin: 5, showMinLabel: false },
			splitLine: { lineStyle: { color: RULE } }
		},
		series: [{ type: 'bar', barCategoryGap: '22%', itemStyle: { color: '#474747' }, data: [...differences] }]
	};
}
