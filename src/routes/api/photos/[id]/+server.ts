import { findPhoto } from '$lib/server/photos';
import { problem } from '$lib/server/problem';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** A stored photograph. It never changes. */
export const GET: RequestHandler = ({ params }) =>
	withDatabase(async () => {
		const photo = await findPhoto(params.id);
		if (!photo) return problem(404, { detail: 'There is no such picture' });
		return new Response(photo.bytes, {
			headers: { 'content-type': photo.type, 'cache-control': 'private, max-age=31536000, immutable' }
		});
	});
