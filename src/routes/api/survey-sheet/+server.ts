import { surveySheetPdf } from '$exchange/survey/sheet-pdf';
import { MOST_VALUES } from '$core/form/outside';
import { planFrom, readBody } from '$lib/server/body';
import type { RequestHandler } from './$types';

/** A plan in, its survey sheet out as a PDF; nothing is stored. `?unit=inch` for inches. */
export const POST: RequestHandler = async ({ request, url }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	if (!plan.ok) return plan.error;
	const pdf = await surveySheetPdf(plan.value, url.searchParams.get('unit') === 'inch' ? 'inch' : 'mm');
	return new Response(pdf as Uint8Array<ArrayBuffer>, {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="survey-sheet.pdf"' }
	});
};
