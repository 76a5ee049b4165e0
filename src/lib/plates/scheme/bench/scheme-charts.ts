import { fromPolar } from '$lib/core/colour/oklab';
import { type SchemeReadings } from '$lib/core/scheme/scheme-readings';
import { type ChartOption } from '$lib/ui/charts';

/** Heights in pixels: the plane of hue and chroma, and the line of values under it. */
export const PLANE_HEIGHT = 168;
export const LINE_HEIGHT = 44;
export const SCHEME_CHART_HEIGHT = PLANE_HEIGHT + LINE_HEIGHT;

/** OKLab reaches about so far to each side on a screen. */
const REACH = 0.34;
const INK = '#1c1c1c';
const HAIRLINE = '#00000033';

const CROSS = {
	type: 'value',
	min: -REACH,
	max: REACH,
	axisLabel: { show: false },
	axisTick: { show: false },
	splitLine: { show: false },
	axisLine: { lineStyle: { color: HAIRLINE } }
} as const;

const DOTS = {
	type: 'scatter',
	symbolSize: 12,
	itemStyle: { borderColor: INK, borderWidth: 0.8 },
	label: { show: true, formatter: '{b}', position: 'right', distance: 3, color: INK, fontSize: 10 }
} as const;

/** The axes: OKLab a across and b upwards with grey in the middle; and L* from 0 to 100. */
export const SCHEME_FRAME: ChartOption = {
	animation: false,
	silent: true,
	grid: [
		{ left: 38, right: 38, top: 0, height: PLANE_HEIGHT, outerBoundsMode: 'none' },
		{ left: 12, right: 18, top: PLANE_HEIGHT + 18, height: 12, outerBoundsMode: 'none' }
	],
	xAxis: [
		CROSS,
		{
			type: 'value',
			gridIndex: 1,
			min: 0,
			max: 100,
			interval: 50,
			axisLabel: { color: '#5a5a5a', fontSize: 10.5 },
			splitLine: { show: false },
			axisLine: { show: true, lineStyle: { color: '#767676' } }
		}
	],
	yAxis: [CROSS, { type: 'value', gridIndex: 1, min: -1, max: 1, show: false }],
	series: [DOTS, { ...DOTS, xAxisIndex: 1, yAxisIndex: 1, label: { ...DOTS.label, position: 'top', distance: 2 } }]
};

/** A dot for each member on the plane, and on the line of values, in its own colour. */
export function schemeSeries({ places, values }: SchemeReadings, codes: readonly string[]): ChartOption {
	const dot = (i: number, value: [number, number]) => ({
		name: String(i + 1),
		value,
		itemStyle: { color: codes[i]! }
	});
	return {
		series: [
			{
				data: places.map(({ chroma, hue }, i) => {
					const [, a, b] = fromPolar([0, chroma, hue]);
					return dot(i, [a, b]);
				})
			},
			{ data: values.map((value, i) => dot(i, [value, 0])) }
		]
	};
}
