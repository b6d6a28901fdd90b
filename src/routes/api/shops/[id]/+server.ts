import { json } from '@sveltejs/kit';
import { SHOP_LIMITS } from '$core/shop/schema';
import { MOST_VALUES } from '$core/form/outside';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import { shopWriteFrom } from '$lib/server/shop-body';
import { findShop, saveShop } from '$lib/server/shops';
import { deleteShop } from '$lib/server/trash';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

const missing = () => problem(404, { detail: 'There is no such shop' });
const TITLE = 'Not a valid stock-take';

export const GET: RequestHandler = ({ params }) =>
	withDatabase(async () => {
		const found = await findShop(params.id);
		return found ? json(found) : missing();
	});

/**
 * `{ revision, changes: [{ list, id, item }], settings? }` in: written only if `revision` is still the newest; else 409
 * with what is there.
 */
export const PATCH: RequestHandler = async ({ params, request }) => {
	const body = await readBody(request, MOST_VALUES.shop);
	if (!body.ok) return body.error;
	const write = shopWriteFrom(body.value);
	if (!write.ok)
		return problem(422, {
			title: TITLE,
			detail: `${write.error[0]?.path} ${write.error[0]?.message}`,
			errors: write.error
		});
	const { revision, writes, settings } = write.value;
	return withDatabase(async () => {
		const saved = await saveShop(params.id, revision, writes, settings);
		switch (saved.kind) {
			case 'kept':
				return json({ revision: saved.revision });
			case 'stale':
				return problem(409, { detail: 'This stock-take was changed elsewhere', current: saved.current });
			case 'missing':
				return missing();
			case 'too-many':
				return problem(422, {
					title: TITLE,
					errors: [{ path: saved.list, message: `must have at most ${SHOP_LIMITS[saved.list]} entries` }]
				});
		}
	});
};

/** Into the trash, with its walls and all it owns. */
export const DELETE: RequestHandler = ({ params }) =>
	withDatabase(async () => ((await deleteShop(params.id)) ? new Response(null, { status: 204 }) : missing()));
