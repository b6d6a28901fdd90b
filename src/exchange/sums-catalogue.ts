import { startOf } from '$core/form/start-of';
import { inputSchema, type Inputs } from '$core/sums/inputs';
import { SUMS } from '$core/sums/registry';
import { answerVerdict, headroom, remedies, type Sum } from '$core/sums/sum';
import { sayPhrase } from '$core/units/phrase';
import { STANDING_NOTE } from '$core/verdict/standing-note';
import { jsonSchemaOf, type JsonSchema } from './plan-json-schema';

/** One sum as others call it: what it asks and the JSON Schema of what to send. */
export interface SumEntry {
	name: string;
	title: string;
	question: string;
	schema: JsonSchema;
}

/** The JSON Schema of a sum's inputs, with an example for every field. */
function sumJsonSchema(sum: Sum): JsonSchema {
	const schema = jsonSchemaOf(inputSchema(sum.fields));
	const properties = schema.properties as Record<string, JsonSchema>;
	for (const [name, field] of Object.entries(sum.fields))
		properties[name] = { ...properties[name], examples: [startOf(field, 'mm')] };
	return { $schema: 'https://json-schema.org/draft/2020-12/schema', title: sum.title, ...schema, properties };
}

/** Every sum there is, with its schema. */
export function sumsCatalogue(): SumEntry[] {
	return SUMS.map((sum) => ({ name: sum.name, title: sum.title, question: sum.question, schema: sumJsonSchema(sum) }));
}

/**
 * What a sum comes to, as plain JSON: verdict, every step with its sum, how much more it could take, what would make it
 * hold.
 */
export function sumReport(sum: Sum, inputs: Inputs) {
	const answer = sum.answer(inputs);
	const judged = answerVerdict(answer);
	const most = headroom(sum, inputs);
	return {
		note: STANDING_NOTE,
		name: sum.name,
		inputs,
		verdict: judged?.verdict ?? null,
		margin: judged?.step.margin ?? null,
		reason: judged ? sayPhrase(judged.step.reason, 'mm') : null,
		steps: answer.steps,
		lines: answer.lines,
		marks: answer.marks,
		notes: answer.notes,
		stopsHoldingAt: most ? { load: most.most, first: most.first.title } : null,
		remedies: remedies(sum, inputs).map(({ after, ...r }) => ({ ...r, verdict: after.verdict, margin: after.margin }))
	};
}
