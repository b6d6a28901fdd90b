import { fail, ok, type Result } from '$core/result';
import { MOST_BYTES, tooMuch } from '$core/form/outside';
import { readPlan } from '$core/plan/read';
import type { Plan } from '$core/plan/types';
import { problem } from './problem';

/** What a sender is still listened to after a refusal, so that it can read why; then the connection is closed. */
const DRAIN = { bytes: 16 * 1024 * 1024, ms: 2000 };

/** Reads on without keeping anything. True when the body came to its end. */
async function drain(reader: ReadableStreamDefaultReader<Uint8Array>): Promise<boolean> {
	const end = Date.now() + DRAIN.ms;
	const late = new Promise<'late'>((resolve) => setTimeout(() => resolve('late'), DRAIN.ms).unref());
	for (let size = 0; size < DRAIN.bytes && Date.now() < end;) {
		const next = await Promise.race([reader.read(), late]);
		if (next === 'late') return false;
		if (next.done) return true;
		size += next.value.byteLength;
	}
	return false;
}

/**
 * A refusal of a request whose body nobody has read, or not to its end: the rest is read away, or the connection is
 * closed after the answer. Left unread it would stand in the way of the next request on that connection.
 */
export async function refuse(
	request: Request,
	response: Response,
	reader = request.body?.getReader()
): Promise<Response> {
	const done = !reader || (await drain(reader).catch(() => false));
	if (!done) response.headers.set('connection', 'close');
	return response;
}

const tooLarge = (most: number) => problem(413, { detail: `A request may be ${most / 1024 / 1024} MB at most` });

/** The body of a request as it came. The error is a response ready to send. */
export async function limitedBytes(request: Request, most = MOST_BYTES): Promise<Result<Uint8Array, Response>> {
	if (Number(request.headers.get('content-length') ?? 0) > most) return fail(await refuse(request, tooLarge(most)));
	const reader = request.body?.getReader();
	if (!reader) return ok(new Uint8Array());
	const chunks: Uint8Array[] = [];
	let size = 0;
	for (let next = await reader.read(); !next.done; next = await reader.read()) {
		size += next.value.byteLength;
		if (size > most) return fail(await refuse(request, tooLarge(most), reader));
		chunks.push(next.value);
	}
	return ok(Buffer.concat(chunks));
}

/**
 * Reads a JSON body of bounded size. The error is a response ready to send.
 * @param most values that such a document may have: it is looked through before it is taken apart
 */
export async function readBody(request: Request, most: number): Promise<Result<unknown, Response>> {
	if (!/^application\/json\b/i.test(request.headers.get('content-type') ?? '')) {
		return fail(await refuse(request, problem(415, { detail: 'Send JSON with content-type application/json' })));
	}
	const bytes = await limitedBytes(request);
	if (!bytes.ok) return bytes;
	const much = tooMuch(bytes.value, most);
	if (much) return fail(problem(422, { title: 'Too much', detail: `This ${much.message}`, errors: [much] }));
	try {
		return ok(JSON.parse(new TextDecoder().decode(bytes.value)) as unknown);
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
