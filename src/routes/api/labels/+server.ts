import { readLabels } from '$exchange/labels/label';
import { labelSheetPdf } from '$exchange/labels/sheet-pdf';
import { MOST_VALUES } from '$core/form/outside';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** `{ labels: [{ title, note, path }], layout, skip? }` in, a PDF out. */
export const POST: RequestHandler = async ({ request, url }) => {
	const body = await readBody(request, MOST_VALUES.small);
	if (!body.ok) return body.error;
	const read = readLabels(body.value);
	if (!read.ok) return problem(422, { title: 'Not valid labels', errors: read.error });
	const pdf = await labelSheetPdf(read.value.labels, read.value.layout, url.origin, read.value.skip);
	return new Response(pdf as Uint8Array<ArrayBuffer>, {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="labels.pdf"' }
	});
};
