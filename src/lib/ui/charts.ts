import { BarChart, LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use, type ComposeOption, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { type BarSeriesOption, type LineSeriesOption, type ScatterSeriesOption } from 'echarts/charts';
import { type GridComponentOption } from 'echarts/components';

use([BarChart, LineChart, ScatterChart, GridComponent, SVGRenderer]);

export type Chart = EChartsType;
export type ChartOption = ComposeOption<BarSeriesOption | LineSeriesOption | ScatterSeriesOption | GridComponentOption>;

export function openChart(place: HTMLElement): Chart {
	return init(place, null, { renderer: 'svg' });
}
