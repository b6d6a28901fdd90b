import { billOf } from '$core/buying/bill';
import { supplyOf } from '$core/buying/buying-of';
import { NO_SUPPLY } from '$core/cutting/offers';
import { cutListCsv } from '$exchange/cut-list-csv';
import { cutsOf } from '$lib/server/cuts';
import { findPlan } from '$lib/server/plans';
import { findShop } from '$lib/server/shops';
import { problem } from '$lib/server/problem';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** A wall's name as a file may be called anywhere. */
const fileNameOf = (name: string) =>
	name
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60) || 'wall';

/** The stored wall's cut list, from what its shop has and at its prices; `?unit=inch` for inches. */
export const GET: RequestHandler = ({ params, url, request }) =>
	withDatabase(async () => {
		const found = await findPlan(params.id);
		if (!found) return problem(404, { detail: 'There is no such wall' });
		const shop = await findShop(found.shop);
		const supply = shop ? supplyOf(shop.shop, found.plan.cutting) : NO_SUPPLY;
		const cuts = await cutsOf(found.plan, supply, request.signal);
		if (cuts instanceof Response) return cuts;
		const { buying } = supply;
		const unit = url.searchParams.get('unit') === 'inch' ? 'inch' : 'mm';
		const csv = cutListCsv(cuts, billOf(found.plan, cuts, buying), unit, buying.currency);
		return new Response(csv, {
			headers: {
				'content-type': 'text/csv; charset=utf-8',
				'content-disposition': `attachment; filename="${fileNameOf(found.plan.name)}-cut-list.csv"`
			}
		});
	});
