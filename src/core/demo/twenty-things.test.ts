import { describe, expect, it } from 'vitest';
import { firstOf, offersFor } from '../holders/offers';
import { slipwayShop } from './slipway-shop';

/**
 * What the trade hangs, from the shop of the example, each with what a practitioner would take for it first (common
 * practice).
 */
const FIRST: [thing: string, carrier: string][] = [
	['level', 'pegs'],
	['square', 'lip-ledge'],
	['jointer', 'flat-shelf'],
	['smoother', 'flat-shelf'],
	['block-plane', 'pegs'],
	['chisels', 'hole-shelf'],
	['spokeshave', 'pegs'],
	['ripsaw', 'pegs'],
	['lining-brush', 'two-rails'],
	['laying-brush', 'two-rails'],
	['pliers', 'two-rails'],
	['lip-bit', 'drilled-block'],
	['rebate-bit', 'angled-blocks'],
	['battery', 'tool-dock'],
	['drill', 'neck-fork'],
	['charger', 'flat-shelf'],
	['paint', 'pigeonholes'],
	['epoxy', 'hole-shelf'],
	['spray', 'side-rod'],
	['masking', 'sloping-shelf'],
	['twine', 'side-rod'],
	['pencil', 'lean-tubes'],
	['offsets', 'writing-slope'],
	['respirator', 'hollow-form'],
	['visor', 'hollow-form'],
	['rest', 'pegs'],
	['push-stick', 'pegs'],
	['nozzle', 'hole-shelf'],
	['glasses', 'bought-hooks'],
	['keys', 'bought-hooks'],
	['gloves', 'bought-hooks'],
	['first-aid', 'open-box'],
	['phone', 'lip-ledge'],
	['lines-board', 'plain-panel'],
	['boat-hook', 'neck-fork'],
	['rove-jar', 'jar-lids'],
	['nail-bin', 'bin-runners'],
	['screw-bin', 'covered-cabinet'],
	['varnish', 'covered-cabinet'],
	['sander', 'divided-bays'],
	['spar-clamp', 'slotted-shelf'],
	['mallet', 'two-rails']
];

describe('of the Slipway stock-take', () => {
	const { things } = slipwayShop();
	it.each(FIRST)('%s is offered %s first', (id, carrier) => {
		const thing = things.find((t) => t.id === id)!;
		const found = offersFor({ thing, count: thing.count, widest: 1200, unit: 'mm' }, [], undefined, 3.2);
		expect(firstOf(found, thing)).toEqual({ ok: true, value: carrier });
		expect(found.offers[0]!.built.warnings.filter((w) => w.level === 'stop')).toEqual([]);
	});
});
