import { BarChart as Bars, type BarSeriesOption } from 'echarts/charts';
import {
	AriaComponent,
	GridComponent,
	TooltipComponent,
	type GridComponentOption,
	type TooltipComponentOption
} from 'echarts/components';
import { init, use, type ComposeOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([Bars, GridComponent, TooltipComponent, AriaComponent, SVGRenderer]);

export type Option = ComposeOption<BarSeriesOption | GridComponentOption | TooltipComponentOption>;

/** A colour of the theme as it is now. @example ink('pencil') */
export const ink = (name: string): string =>
	getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** The small words of a chart. */
export const smallText = () => ({
	color: ink('pencil'),
	fontFamily: 'Atkinson Hyperlegible Next Variable',
	fontSize: 11
});

/** A chart in a box, drawn as SVG so that it prints; it follows the box's size. */
export function chartBox(box: HTMLElement, pick: (index: number) => void) {
	const chart = init(box, null, { renderer: 'svg' });
	const resized = new ResizeObserver(() => chart.resize());
	resized.observe(box);
	chart.on('click', (e) => pick(e.dataIndex));
	return {
		chart,
		dispose() {
			resized.disconnect();
			chart.dispose();
		}
	};
}

/** What the pointer is told of the bar it is on. */
export const wordsOf = (bars: readonly { words: string }[]): NonNullable<Option['tooltip']> => ({
	trigger: 'axis',
	confine: true,
	formatter: (p: { dataIndex: number } | { dataIndex: number }[]) =>
		bars[(Array.isArray(p) ? p[0] : p)?.dataIndex ?? 0]?.words ?? '',
	backgroundColor: ink('sheet'),
	borderColor: ink('ink'),
	textStyle: { ...smallText(), color: ink('ink') }
});
