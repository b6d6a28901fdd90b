import { fail, ok, type Result } from '$core/result';
import { MOST_BYTES } from '$core/form/outside';
import { readPlan } from '$core/plan/read';
import type { Plan } from '$core/plan/types';
import { problem } from './problem';

/** The body of a request as it came; null when it is larger than anything sent here. */
export async function limitedBytes(request: Request, most = MOST_BYTES): Promise<Uint8Array | null> {
	if (Number(request.headers.get('content-length') ?? 0) > most) return null;
	const reader = request.body?.getReader();
	if (!reader) return new Uint8Array();
	const chunks: Uint8Array[] = [];
	let size = 0;
	for (let next = await reader.read(); !next.done; next = await reader.read()) {
		size += next.value.byteLength;
		if (size > most) {
			await reader.cancel();
			return null;
		}
		chunks.push(next.value);
	}
	return Buffer.concat(chunks);
}

/** Reads a JSON body of bounded size. The error is a response ready to send. */
export async function readBody(request: Request): Promise<Result<unknown, Response>> {
	if (!/^application\/json\b/i.test(request.headers.get('content-type') ?? '')) {
		return fail(problem(415, { detail: 'Send JSON with content-type application/json' }));
	}
	const bytes = await limitedBytes(request);
	if (bytes === null) return fail(problem(413, { detail: `A request may be ${MOST_BYTES / 1024 / 1024} MB at most` }));
	try {
		return ok(JSON.parse(new TextDecoder().decode(bytes)) as unknown);
	} catch (error) {
		return fail(problem(400, { detail: error instanceof Error ? error.message.slice(0, 200) : 'Not JSON' }));
	}
}

/** Takes a value from a request as a plan, or gives the response that says what is wrong with which field. */
export function planFrom(value: unknown, under = ''): Result<Plan, Response> {
	const read = readPlan(value);
	if (read.ok) return read;
	const errors = read.error.map((p) => ({ path: [under, p.path].filter(Boolean).join('.'), message: p.message }));
	const first = errors[0];
	return fail(problem(422, { detail: first ? `${first.path} ${first.message}`.trim() : undefined, errors }));
}
