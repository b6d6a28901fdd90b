import type { Verdict } from '$core/verdict/check';
import type { LengthUnit } from '$core/units/parse-length';
import { N_PER_POUND } from '$core/units/quantity';
import { chartBox, ink, smallText, wordsOf, type Option } from './chart-box';

export interface Bar {
	name: string;
	/** N */
	load: number;
	/** N; null when it cannot be judged. */
	capacity: number | null;
	verdict: Verdict;
	label: string;
	words: string;
	picked: boolean;
}

export interface BarChart {
	show(data: { bars: readonly Bar[]; unit: LengthUnit; dark: boolean }): void;
	dispose(): void;
}

/** Bars past this many times the highest load are cut off: a stud that carries nothing would carry a house. */
const HEADROOM = 3;

/** A pattern for each verdict, so that colour is never alone: plain, stripes, crossed, dots. */
const DECALS: Record<Verdict, object> = {
	holds: { symbol: 'none' },
	close: { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 4], rotation: -Math.PI / 4 },
	'does-not-hold': {
		symbol: 'rect',
		dashArrayX: [
			[3, 3],
			[0, 3, 3, 0]
		],
		dashArrayY: [3, 0],
		symbolSize: 1
	},
	'cannot-be-judged': { symbol: 'circle', dashArrayX: [4, 4], dashArrayY: [4, 4], symbolSize: 0.7 },
	'cannot-be-built': {
		symbol: 'rect',
		dashArrayX: [
			[2, 2],
			[0, 2, 2, 0]
		],
		dashArrayY: [2, 0],
		symbolSize: 1
	},
	unloaded: { symbol: 'none' }
};

/** A bar chart of loads in a box, drawn as SVG so that it prints; it follows the box's size. */
export function barChart(box: HTMLElement, pick: (index: number) => void): BarChart {
	const { chart, dispose } = chartBox(box, pick);
	return {
		show({ bars, unit }) {
			const scale = unit === 'inch' ? N_PER_POUND : 1;
			const most = Math.max(1, ...bars.map((b) => b.load)) * HEADROOM;
			const text = smallText();
			const option: Option = {
				animation: false,
				grid: { left: 6, right: 6, top: 20, bottom: 2, containLabel: true },
				tooltip: wordsOf(bars),
				xAxis: {
					type: 'category',
					data: bars.map((b) => b.name),
					axisLabel: { ...text, interval: 'auto', hideOverlap: true },
					axisLine: { lineStyle: { color: ink('ink') } },
					axisTick: { show: false }
				},
				yAxis: {
					type: 'value',
					max: most / scale,
					name: unit === 'inch' ? 'lb' : 'N',
					nameGap: 6,
					nameTextStyle: text,
					axisLabel: { ...text, showMaxLabel: false, formatter: (v: number) => String(Math.round(v)) },
					splitNumber: 3,
					splitLine: { lineStyle: { color: ink('hair') } }
				},
				series: [
					{
						type: 'bar',
						barWidth: '62%',
						barGap: '-100%',
						z: 1,
						data: bars.map((b) => ({
							value: Math.min(most, b.capacity ?? 0) / scale,
							itemStyle: {
								color: 'transparent',
								borderColor: ink('ink'),
								borderWidth: b.picked ? 2.4 : 1.1,
								borderType: b.capacity === null ? 'dashed' : 'solid'
							}
						}))
					},
					{
						type: 'bar',
						barWidth: '46%',
						barGap: '-87%',
						z: 2,
						labelLayout: { hideOverlap: true },
						label: {
							show: true,
							position: 'top',
							...text,
							color: ink('ink'),
							fontWeight: 700,
							formatter: (p) => bars[p.dataIndex]?.label ?? ''
						},
						data: bars.map((b) => ({
							value: b.load / scale,
							itemStyle: { color: b.picked ? ink('chalk') : ink(b.verdict), decal: DECALS[b.verdict] }
						}))
					}
				]
			};
			chart.setOption(option, { notMerge: true });
		},
		dispose
	};
}
