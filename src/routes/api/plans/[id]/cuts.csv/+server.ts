import { cutListCsv } from '$exchange/cut-list-csv';
import { cutsOf } from '$lib/server/cuts';
import { findPlan } from '$lib/server/plans';
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

/** The stored wall's cut list; `?unit=inch` for inches. */
export const GET: RequestHandler = ({ params, url }) =>
	withDatabase(async () => {
		const found = await findPlan(params.id);
		if (!found) return problem(404, { detail: 'There is no such wall' });
		const csv = cutListCsv(
			found.plan,
			await cutsOf(found.plan),
			url.searchParams.get('unit') === 'inch' ? 'inch' : 'mm'
		);
		return new Response(csv, {
			headers: {
				'content-type': 'text/csv; charset=utf-8',
				'content-disposition': `attachment; filename="${fileNameOf(found.plan.name)}-cut-list.csv"`
			}
		});
	});
