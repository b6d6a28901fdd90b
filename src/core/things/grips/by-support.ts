import { mm, phrase } from '../../units/phrase';
import { mustBeSmaller, plus } from './figures';
import type { Millimetres } from '../../units/quantity';
import type { Decision, Grip } from './grip';
import { ROOM } from './room';
import { sketch } from './sketch';

function armsApart(shortest: Millimetres): Decision {
	const over = mm(ROOM.overhang);
	if (shortest > 2 * ROOM.overhang) {
		return {
			label: 'arms apart, at most',
			sum: phrase('{a} - 2 × {b}', { a: mm(shortest), b: over }),
			value: shortest - 2 * ROOM.overhang
		};
	}
	const short = '{a} is too short for two arms with {b} beyond each: give it a shelf or a bin';
	return { label: 'arms apart', fault: phrase(short, { a: mm(shortest), b: over }) };
}

/** Grips where a thing rests on, or in, what is made for it. */
export const GRIPS_BY_SUPPORT = {
	groove: {
		title: 'Flat thing in a groove',
		short: 'groove',
		words: ['groove', 'flat in a groove'],
		about: 'A framing square, a straightedge, a scraper: it stands in a groove or hangs by its balance point.',
		needs: ['thickness', 'balance'],
		decides: 'The thickness decides the groove; the balance point, where it hangs without turning.',
		figures: (d) => [
			...plus('groove', d, 'thickness', ROOM.slack / 2),
			...plus('support, from its left end', d, 'balance', 0)
		],
		draw(d) {
			const p = sketch(
				'A square over a grooved ledge at its balance point',
				this.needs,
				{ thickness: 3, balance: 150 },
				d
			);
			const b = p.of('balance');
			const t = p.of('thickness');
			const w = b * 0.22;
			const x = b * 2.3;
			return p
				.polygon(
					[
						[0, 0],
						[b * 1.8, 0],
						[b * 1.8, -w],
						[w, -w],
						[w, -b],
						[0, -b]
					],
					'steel'
				)
				.polygon(
					[
						[b - w * 0.6, -w],
						[b + w * 0.6, -w],
						[b + w * 0.6, -w * 2],
						[b - w * 0.6, -w * 2]
					],
					'wood'
				)
				.box(x, -w * 2, w, w * 1.6, 'wood')
				.box(x + w + t, -w * 2, w, w * 1.6, 'wood')
				.box(x, -w * 2.6, 2 * w + t, w * 0.6, 'wood')
				.box(x + w, -w * 2, Math.max(t, 1), b * 0.9, 'steel')
				.measure('balance', [0, 0], [b, 0], 'above')
				.measure('thickness', [x + w, -w * 2.6], [x + w + t, -w * 2.6], 'below')
				.done();
		}
	},
	shelf: {
		title: 'Base on a shelf',
		short: 'shelf',
		words: ['base', 'stands', 'shelf', 'base on a shelf', 'box'],
		about: 'A plane, a tin, a box, a bin: it stands on its base.',
		needs: ['baseWidth', 'baseDepth'],
		decides: 'The base decides the depth of the shelf and the room along it; a lip keeps a knock from pushing it off.',
		figures: (d) => [
			...plus('shelf, behind its lip', d, 'baseDepth', ROOM.clear),
			...plus('along the shelf, each', d, 'baseWidth', ROOM.fingers)
		],
		draw(d) {
			const p = sketch(
				'A box on a shelf with a lip, from the side and from the front',
				this.needs,
				{ baseWidth: 90, baseDepth: 120 },
				d
			);
			const [w, deep] = [p.of('baseWidth'), p.of('baseDepth')];
			const h = Math.max(w, deep) * 0.9;
			const x = deep * 1.5;
			return p
				.box(-12, -h * 0.4, 12, h * 1.6, 'wall')
				.box(0, -14, deep + ROOM.clear + 12, 14, 'ply')
				.box(deep + ROOM.clear, 0, 12, h * 0.18, 'ply')
				.box(0, 0, deep, h, 'thing')
				.box(x, -14, w * 1.6, 14, 'ply')
				.box(x + w * 0.3, 0, w, h, 'thing')
				.measure('baseDepth', [0, -14], [deep, -14], 'below')
				.measure('baseWidth', [x + w * 0.3, -14], [x + w * 1.3, -14], 'below')
				.done();
		}
	},
	dock: {
		title: 'Foot slid on a dock',
		short: 'dock',
		words: ['dock', 'battery foot', 'slide', 'cordless'],
		about: 'A cordless tool: the foot that takes its battery slides onto a rail.',
		needs: ['foot', 'flange', 'head'],
		decides: 'The foot decides the rails of the dock, the widest part of the tool how far apart the docks stand.',
		figures: (d) => [
			...plus('between the rails', d, 'foot', ROOM.slack / 2),
			...plus('under the rails', d, 'flange', ROOM.slack / 2),
			...plus('docks apart, centre to centre', d, 'head', ROOM.fingers)
		],
		draw(d) {
			const p = sketch('The foot of a tool on the rails of a dock', this.needs, { foot: 50, flange: 10, head: 80 }, d);
			const [foot, flange] = [p.of('foot'), p.of('flange')];
			const head = Math.max(p.of('head'), foot);
			const rail = foot * 0.16;
			return p
				.box(-head * 0.7, flange * 1.6, head * 1.4, 16, 'ply')
				.box(-foot / 2 - rail, 0, rail, flange * 1.6, 'wood')
				.box(foot / 2, 0, rail, flange * 1.6, 'wood')
				.box(-foot / 2, 0, foot, flange, 'thing')
				.box(-foot * 0.3, -head * 0.4, foot * 0.6, head * 0.4, 'thing')
				.box(-head / 2, -head * 1.1, head, head * 0.7, 'thing')
				.measure('foot', [-foot / 2, flange * 1.6 + 16], [foot / 2, flange * 1.6 + 16], 'above')
				.measure('flange', [head / 2, 0], [head / 2, flange], 'right')
				.measure('head', [-head / 2, -head * 1.1], [head / 2, -head * 1.1], 'below')
				.done();
		}
	},
	hook: {
		title: 'Wheel or tube on a hook',
		short: 'hook',
		words: ['wheel', 'tube', 'bicycle', 'hook'],
		about: 'A bicycle by its wheel, a ladder by its rung, a chair by its tube.',
		needs: ['tube', 'wheel'],
		decides:
			'What rests in the hook decides its opening; the wheel, how far below the hook it reaches. A hook counts only with its maker’s load.',
		figures: (d) => [
			...plus('hook opening', d, 'tube', 2 * ROOM.clear),
			...plus('wheel below the hook', d, 'wheel', 0)
		],
		draw(d) {
			const p = sketch('A wheel hanging on a hook', this.needs, { tube: 45, wheel: 680 }, d);
			const [tube, wheel] = [p.of('tube'), p.of('wheel')];
			return p
				.box(-wheel * 0.62, -wheel * 1.05, wheel * 0.05, wheel * 1.4, 'wall')
				.circle(0, -wheel / 2, wheel / 2, 'thing')
				.circle(0, -wheel / 2, wheel / 2 - tube, 'wall')
				.line(
					[
						[-wheel * 0.57, wheel * 0.1],
						[0, wheel * 0.02],
						[0, -tube * 1.3],
						[wheel * 0.1, -tube * 1.3],
						[wheel * 0.1, -tube * 0.4]
					],
					'steel'
				)
				.measure('wheel', [wheel / 2, 0], [wheel / 2, -wheel], 'right')
				.measure('tube', [0, -wheel + tube], [0, -wheel], 'left')
				.done();
		}
	},
	arms: {
		title: 'Boards on arms',
		short: 'arms',
		words: ['arms', 'boards on arms', 'lumber'],
		about: 'Boards, mouldings, pipe: they lie across arms.',
		needs: ['shortest', 'longest'],
		decides:
			'A board rests on two arms at least, with some beyond each: so the shortest decides how far apart the arms stand, the longest how many there are.',
		figures: (d) => [
			...mustBeSmaller(
				'lengths',
				{ ...d, longest: d.longest === undefined ? undefined : d.longest + 0.01 } as typeof d,
				'shortest',
				'longest',
				'The shortest, {s}, is longer than the longest, {l}'
			),
			...(d.shortest === undefined ? [] : [armsApart(d.shortest)])
		],
		draw(d) {
			const p = sketch('Boards across arms', this.needs, { shortest: 900, longest: 2400 }, d);
			const longest = p.of('longest');
			const shortest = Math.min(p.of('shortest'), longest);
			const t = longest * 0.025;
			const arms = [0.12, 0.37, 0.62, 0.87].map((k) => k * longest);
			for (const x of arms)
				p.box(x - t, -t * 5, t * 2, t * 12, 'wood').box(x - t * 0.6, -t * 2, t * 1.2, t * 2, 'wood');
			return p
				.box(0, 0, longest, t, 'wood')
				.box(longest * 0.06, t, shortest, t, 'wood')
				.measure('longest', [0, -t * 5], [longest, -t * 5], 'below')
				.measure('shortest', [longest * 0.06, t * 7], [longest * 0.06 + shortest, t * 7], 'above')
				.done();
		}
	},
	edge: {
		title: 'Sheets on edge',
		short: 'on edge',
		words: ['sheets', 'on edge', 'sheets on edge', 'panels'],
		about: 'Plywood, board, mirrors: they stand on a long edge, sorted by quality.',
		needs: ['stack', 'edge'],
		decides:
			'The stack decides the slot; the height, what must stay free above it, and a stay that keeps it from falling out.',
		figures: (d) => [...plus('slot', d, 'stack', ROOM.fingers), ...plus('free above the ledge', d, 'edge', ROOM.clear)],
		draw(d) {
			const p = sketch('Sheets on edge in a slot, from the end', this.needs, { stack: 90, edge: 600 }, d);
			const [stack, edge] = [p.of('stack'), p.of('edge')];
			const slot = stack + ROOM.fingers;
			p.box(-14, -edge * 0.06, 14, edge * 1.12, 'wall')
				.box(0, -edge * 0.05, slot + 18, edge * 0.05, 'ply')
				.box(slot, 0, 18, edge * 0.2, 'ply');
			for (let i = 0; i < 4; i++) p.box((i * stack) / 4, 0, stack / 4.4, edge * (1 - i * 0.06), 'ply');
			return p
				.measure('stack', [0, -edge * 0.05], [stack, -edge * 0.05], 'below')
				.measure('edge', [slot + 18, 0], [slot + 18, edge], 'right')
				.done();
		}
	}
} as const satisfies Record<string, Grip>;
