import { json } from '@sveltejs/kit';
import type { Problem } from '$core/result';

/** An error as problem details (RFC 9457), with the path of each faulty field. */
export interface ProblemDetails {
	type: string;
	title: string;
	status: number;
	detail?: string;
	errors?: Problem[];
	[extra: string]: unknown;
}

const TITLES: Record<number, string> = {
	400: 'Not a valid request',
	403: 'Not from here',
	404: 'Not found',
	409: 'Changed elsewhere',
	413: 'Too large',
	415: 'Not JSON',
	421: 'Not this machine',
	422: 'Not a valid plan',
	500: 'Something went wrong',
	503: 'The database cannot be reached'
};

/** A response that says what is wrong. @example problem(404, { detail: 'There is no such wall' }) */
export function problem(
	status: number,
	more: Omit<Partial<ProblemDetails>, 'status'> = {},
	headers: Record<string, string> = {}
): Response {
	const body: ProblemDetails = { type: 'about:blank', title: TITLES[status] ?? 'Error', status, ...more };
	return json(body, { status, headers: { 'content-type': 'application/problem+json', ...headers } });
}
