import { MOST_VALUES } from '$core/form/outside';
import { readPaper } from '$exchange/cut-paper/paper';
import { cutPaperPdf } from '$exchange/cut-paper/pdf';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** A cut plan made ready for paper in, a PDF out; nothing is stored. `?unit=inch` for letter paper. */
export const POST: RequestHandler = async ({ request, url }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const paper = readPaper(body.value);
	if (!paper.ok) return problem(422, { title: 'Not a valid cut plan', errors: paper.error });
	const pdf = await cutPaperPdf(paper.value, url.searchParams.get('unit') === 'inch' ? 'inch' : 'mm');
	return new Response(pdf as Uint8Array<ArrayBuffer>, {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="cut-plan.pdf"' }
	});
};
