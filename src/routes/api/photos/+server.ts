import { json } from '@sveltejs/kit';
import { cleanPhoto, MOST_PHOTO_BYTES } from '$exchange/photo/clean';
import { limitedBytes, refuse } from '$lib/server/body';
import { storePhoto } from '$lib/server/photos';
import { problem } from '$lib/server/problem';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** A JPEG or PNG in, its id out. What a camera wrote beside the picture is taken off before it is stored. */
export const POST: RequestHandler = async ({ request }) => {
	if (!/^image\/(jpeg|png)\b/i.test(request.headers.get('content-type') ?? ''))
		return refuse(request, problem(415, { detail: 'Send a picture with content-type image/jpeg or image/png' }));
	const bytes = await limitedBytes(request, MOST_PHOTO_BYTES);
	if (!bytes.ok) return bytes.error;
	const clean = cleanPhoto(bytes.value);
	if (!clean.ok) return problem(422, { title: 'Not a valid picture', detail: clean.error });
	return withDatabase(async () => {
		const id = await storePhoto(clean.value);
		return json(
			{ id, width: clean.value.width, height: clean.value.height },
			{ status: 201, headers: { location: `/api/photos/${id}` } }
		);
	});
};
