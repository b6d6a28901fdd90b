import { chartBox, ink, smallText, wordsOf, type Option } from './chart-box';

/** One group of things: how much of it there is, and how much of that hangs already. */
export interface GroupBar {
	name: string;
	whole: number;
	placed: number;
	words: string;
}

export interface GroupChart {
	show(bars: readonly GroupBar[], unit: string): void;
	dispose(): void;
}

/** Stripes for what hangs, so that colour is never alone. */
const STRIPES = { symbol: 'rect' as const, dashArrayX: [1, 0], dashArrayY: [2, 4], rotation: -Math.PI / 4 };

/** Bars lying down, one a group: what hangs, and what is still to place. */
export function groupChart(box: HTMLElement, pick: (index: number) => void): GroupChart {
	const { chart, dispose } = chartBox(box, pick);
	return {
		show(bars, unit) {
			const text = smallText();
			const option: Option = {
				animation: false,
				grid: { left: 4, right: 46, top: 4, bottom: 2, containLabel: true },
				tooltip: wordsOf(bars),
				xAxis: {
					type: 'value',
					splitNumber: 3,
					axisLabel: { ...text, formatter: (v: number) => `${v}${v > 0 ? ` ${unit}` : ''}` },
					splitLine: { lineStyle: { color: ink('hair') } }
				},
				yAxis: {
					type: 'category',
					inverse: true,
					data: bars.map((b) => b.name),
					axisLabel: { ...text, color: ink('ink'), fontSize: 12, width: 110, overflow: 'truncate' },
					axisLine: { lineStyle: { color: ink('ink') } },
					axisTick: { show: false }
				},
				series: [
					{
						type: 'bar',
						stack: 'all',
						barMaxWidth: 16,
						data: bars.map((b) => ({ value: b.placed, itemStyle: { color: ink('chalk'), decal: STRIPES } }))
					},
					{
						type: 'bar',
						stack: 'all',
						barMaxWidth: 16,
						data: bars.map((b) => ({
							value: b.whole - b.placed,
							itemStyle: { color: 'transparent', borderColor: ink('ink'), borderWidth: 1.1 }
						})),
						label: {
							show: true,
							position: 'right',
							...text,
							color: ink('ink'),
							formatter: (p) => String(Math.round((bars[p.dataIndex]?.whole ?? 0) * 10) / 10)
						}
					}
				]
			};
			chart.setOption(option, { notMerge: true });
		},
		dispose
	};
}
