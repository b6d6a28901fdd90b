import type { Plan } from '$core/plan/types';
import type { Problem } from '$core/result';

export interface Stored {
	id: string;
	shop?: string;
	revision: number;
	plan: Plan;
	updatedAt: string;
}

export type SaveAnswer =
	| { kind: 'kept'; revision: number }
	| { kind: 'stale'; current: Stored }
	| { kind: 'missing' }
	| { kind: 'refused' | 'failed'; message: string }
	| { kind: 'unreachable' };

export type Created =
	{ kind: 'made'; id: string } | { kind: 'refused'; problems: Problem[]; message: string } | { kind: 'unreachable' };

/** A request with a JSON body. */
export const asJson = (body: unknown, method: string): RequestInit => ({
	method,
	headers: { 'content-type': 'application/json' },
	body: JSON.stringify(body)
});

/** What the server says is wrong. */
export async function problemText(response: Response): Promise<{ message: string; problems: Problem[] }> {
	const body = (await response.json().catch(() => null)) as {
		title?: string;
		detail?: string;
		errors?: Problem[];
	} | null;
	return {
		message: body?.detail ?? body?.title ?? `The server answered ${response.status}`,
		problems: body?.errors ?? []
	};
}

/** Without its database, or with nobody behind the door: it may be taken later. */
const isAway = (status: number): boolean => status === 502 || status === 503 || status === 504;

/** Why the server did not take something: it is away, it failed by a fault of its own, or it refused. */
export async function notTaken(
	response: Response
): Promise<{ kind: 'unreachable' } | { kind: 'refused' | 'failed'; message: string }> {
	if (isAway(response.status)) return { kind: 'unreachable' };
	return { kind: response.status >= 500 ? 'failed' : 'refused', message: (await problemText(response)).message };
}

/** Writes a wall based on a revision. Never throws: a server that cannot be reached is an answer too. */
export async function savePlan(id: string, revision: number, plan: Plan): Promise<SaveAnswer> {
	try {
		const response = await fetch(`/api/plans/${id}`, asJson({ revision, plan }, 'PUT'));
		if (response.ok) return { kind: 'kept', revision: ((await response.json()) as { revision: number }).revision };
		if (response.status === 409)
			return { kind: 'stale', current: ((await response.json()) as { current: Stored }).current };
		if (response.status === 404) return { kind: 'missing' };
		return await notTaken(response);
	} catch {
		return { kind: 'unreachable' };
	}
}

/** Makes a new wall of a plan. */
export async function createPlan(plan: unknown, shop?: string): Promise<Created> {
	try {
		const response = await fetch(
			shop === undefined ? '/api/plans' : `/api/plans?shop=${encodeURIComponent(shop)}`,
			asJson(plan, 'POST')
		);
		if (response.ok) return { kind: 'made', id: ((await response.json()) as { id: string }).id };
		if (isAway(response.status)) return { kind: 'unreachable' };
		return { kind: 'refused', ...(await problemText(response)) };
	} catch {
		return { kind: 'unreachable' };
	}
}

/** Deletes a wall; false when the server did not. */
export async function deletePlan(id: string): Promise<boolean> {
	try {
		return (await fetch(`/api/plans/${id}`, { method: 'DELETE' })).ok;
	} catch {
		return false;
	}
}
