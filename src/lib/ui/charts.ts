import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { init, use, type ComposeOption, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { type BarSeriesOption, type LineSeriesOption } from 'echarts/charts';
import { type GridComponentOption, type MarkLineComponentOption } from 'echarts/components';

use([BarChart, LineChart, GridComponent, MarkLineComponent, SVGRenderer]);

export type Chart = EChartsType;
export type ChartOption = ComposeOption<
	BarSeriesOption | LineSeriesOption | GridComponentOption | MarkLineComponentOption
>;

export function openChart(place: HTMLElement): Chart {
	return init(place, null, { renderer: 'svg' });
}
