import { angle, mm, phrase, type Phrase } from '../units/phrase';
import type { Degrees, Millimetres } from '../units/quantity';
import { toolKind } from './kinds';
import type { Tool } from './tool';

/** One operation a part needs. Later stages ask for every operation of every part. */
export type Operation =
	| { kind: 'hole'; diameter: Millimetres; depth: Millimetres; tilt?: Degrees; fromEdge?: Millimetres }
	| { kind: 'rip'; width: Millimetres; thickness: Millimetres; length: Millimetres; tilt?: Degrees }
	| { kind: 'slot'; depth: Millimetres }
	| { kind: 'glue-up'; width: Millimetres };

/**
 * Can it be made with these tools? `yes` names the tool; `no` the nearest one's limit; `unknown` what nobody has said.
 */
export type Answer = { can: 'yes' | 'no' | 'unknown'; why: Phrase; tool: Tool | null };

/** One tool's word on one limit. */
export interface Word {
	tool: Tool;
	fits: boolean | null;
	why: Phrase;
}

const number = (t: Tool, key: string): number | undefined =>
	typeof t.limits[key] === 'number' ? t.limits[key] : undefined;
/** What a tool is called here. */
export const nameOf = (t: Tool) => (t.name || toolKind(t.kind).title).toLowerCase();

/** Against each limit in turn: the first that is too small, else the first that is not known, else it fits. */
export function word(tool: Tool, asked: readonly { key: string; need: number; what: string }[]): Word {
	for (const { key, need, what } of asked) {
		const has = number(tool, key);
		if (has !== undefined && has < need - 0.05)
			return {
				tool,
				fits: false,
				why: phrase(`{t}: ${what} {has}, needs {need}`, {
					t: nameOf(tool),
					has: what.includes('tilt') ? angle(has) : mm(has),
					need: what.includes('tilt') ? angle(need) : mm(need)
				})
			};
	}
	const gap = asked.find(({ key }) => number(tool, key) === undefined);
	if (gap) return { tool, fits: null, why: phrase(`{t}: ${gap.what} not said`, { t: nameOf(tool) }) };
	return { tool, fits: true, why: phrase('{t}', { t: nameOf(tool) }) };
}

/** A tool that fits, else one of which something is not known, else the nearest. */
export function best(words: Word[], none: string): Answer {
	const [yes, unknown, no] = [
		words.find((w) => w.fits === true),
		words.find((w) => w.fits === null),
		words.find((w) => w.fits === false)
	];
	if (yes) return { can: 'yes', why: yes.why, tool: yes.tool };
	if (unknown) return { can: 'unknown', why: unknown.why, tool: unknown.tool };
	return { can: 'no', why: no?.why ?? phrase(none), tool: no?.tool ?? null };
}

/** A bit of this diameter, and of those the one that reaches deepest. */
function bitFor(tools: readonly Tool[], o: Extract<Operation, { kind: 'hole' }>): Answer {
	const tilted = (o.tilt ?? 0) > 0;
	const bits = tools.filter((t) =>
		['twist-bits', 'auger-bits', 'hole-saws', ...(tilted ? [] : ['flat-bits'])].includes(t.kind)
	);
	const sized = bits.filter(
		(t) => Array.isArray(t.limits.sizes) && t.limits.sizes.some((d) => Math.abs(d - o.diameter) < 0.3)
	);
	if (sized.length === 0) {
		const wanders =
			tilted &&
			tools.some(
				(t) =>
					t.kind === 'flat-bits' &&
					Array.isArray(t.limits.sizes) &&
					t.limits.sizes.some((d) => Math.abs(d - o.diameter) < 0.3)
			);
		return {
			can: 'no',
			why: wanders
				? phrase('only a flat-bottomed bit of {d}, and that wanders in an angled hole', { d: mm(o.diameter) })
				: phrase('no bit of {d}', { d: mm(o.diameter) }),
			tool: null
		};
	}
	return best(
		sized.map((t) => word(t, [{ key: 'reach', need: o.depth, what: 'reach' }])),
		''
	);
}

function holeBy(tools: readonly Tool[], o: Extract<Operation, { kind: 'hole' }>): Answer {
	const bit = bitFor(tools, o);
	if (bit.can === 'no') return bit;
	const press = tools
		.filter((t) => t.kind === 'drill-press')
		.map((t) =>
			word(t, [
				{ key: 'travel', need: o.depth, what: 'travel' },
				...(o.tilt ? [{ key: 'tilt', need: o.tilt, what: 'table tilt' }] : []),
				...(o.fromEdge ? [{ key: 'throat', need: o.fromEdge, what: 'throat' }] : [])
			])
		);
	// By hand a straight hole can be as deep as the bit; an angled one wants a guide block.
	const hand = tools
		.filter((t) => ['drill', 'brace'].includes(t.kind))
		.map((t): Word => ({
			tool: t,
			fits: true,
			why: phrase(o.tilt ? '{t}, with a guide block' : '{t}', { t: nameOf(t) })
		}));
	const by = best([...press, ...hand], 'nothing to drill with');
	return by.can === 'yes' && bit.can === 'unknown' ? bit : by;
}

/**
 * Can this be made with the tools of the shop? A limit nobody has said is not guessed.
 * @example canMake({ kind: 'hole', diameter: 25, depth: 66.7 }, tools).can // 'no': the press travels 50 mm
 */
export function canMake(o: Operation, tools: readonly Tool[]): Answer {
	switch (o.kind) {
		case 'hole':
			return holeBy(tools, o);
		case 'rip': {
			const depth = o.tilt
				? {
						key: 'depth45',
						need: (o.thickness / Math.cos((o.tilt * Math.PI) / 180)) * Math.cos(Math.PI / 4),
						what: 'depth at 45°'
					}
				: { key: 'depth', need: o.thickness, what: 'depth' };
			const saws = tools
				.filter((t) => t.kind === 'table-saw')
				.map((t) =>
					word(t, [
						depth,
						{ key: 'rip', need: o.width, what: 'rip capacity' },
						{ key: 'before', need: o.length, what: 'clear before' },
						{ key: 'behind', need: o.length, what: 'clear behind' }
					])
				);
			const band = o.tilt
				? []
				: tools
						.filter((t) => t.kind === 'band-saw')
						.map((t) =>
							word(t, [
								{ key: 'throat', need: o.width, what: 'throat' },
								{ key: 'depth', need: o.thickness, what: 'height' },
								{ key: 'before', need: o.length, what: 'clear before' },
								{ key: 'behind', need: o.length, what: 'clear behind' }
							])
						);
			// A saw that is moved along the board asks nothing of the room behind it.
			const moved = tools.filter((t) => t.kind === 'circular-saw').map((t) => word(t, [depth]));
			return best([...saws, ...band, ...moved], 'nothing to rip with');
		}
		case 'slot':
			return best(
				[
					...tools
						.filter((t) => t.kind === 'table-saw')
						.map((t) => word(t, [{ key: 'stacked', need: o.depth, what: 'stacked cutter' }])),
					...tools
						.filter((t) => t.kind === 'router-bits')
						.map((t) => word(t, [{ key: 'reach', need: o.depth, what: 'cutting length' }])),
					...tools
						.filter((t) => t.kind === 'jigsaw' || t.kind === 'coping-saw')
						.map((t): Word => ({ tool: t, fits: true, why: phrase('{t}, sawn out', { t: nameOf(t) }) }))
				],
				'nothing to cut a slot with'
			);
		case 'glue-up':
			return best(
				tools
					.filter((t) => t.kind === 'clamps')
					.map((t) => word(t, [{ key: 'longest', need: o.width, what: 'longest clamp' }])),
				'no clamps'
			);
	}
}

/** What the tools of a shop reach, with where each figure is from: read beside the list of tools. */
export function reachOfTools(
	tools: readonly Tool[]
): { label: string; value: Millimetres; from: string; sum: Phrase | null }[] {
	const most = (label: string, kinds: readonly string[], key: string) => {
		const found = tools
			.filter((t) => kinds.includes(t.kind) && number(t, key) !== undefined)
			.sort((a, b) => (number(b, key) as number) - (number(a, key) as number))[0];
		return found ? [{ label, value: number(found, key) as number, from: nameOf(found), sum: null }] : [];
	};
	const through = tools.flatMap((t) => {
		const [a, b] = [number(t, 'before'), number(t, 'behind')];
		return a === undefined || b === undefined
			? []
			: [
					{
						label: `longest board through the ${nameOf(t)}`,
						value: Math.min(a, b),
						from: nameOf(t),
						sum: phrase('the lesser of {a} and {b}', { a: mm(a), b: mm(b) })
					}
				];
	});
	return [
		...most('deepest hole on the press', ['drill-press'], 'travel'),
		...most('deepest slot with a stacked cutter', ['table-saw'], 'stacked'),
		...most('widest rip', ['table-saw'], 'rip'),
		...through,
		...most('thickest board to crosscut', ['mitre-saw'], 'depth'),
		...most('widest glue-up', ['clamps'], 'longest')
	];
}
