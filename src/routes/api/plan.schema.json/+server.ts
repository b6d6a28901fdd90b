import { planJsonSchema } from '$exchange/plan-json-schema';

export const GET = () =>
	new Response(JSON.stringify(planJsonSchema(), null, '\t'), {
		headers: { 'content-type': 'application/schema+json' }
	});
