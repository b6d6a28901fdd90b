import { json } from '@sveltejs/kit';
import { hostile, MOST_VALUES } from '$core/form/outside';
import { planFrom, readBody } from '$lib/server/body';
import { findPlan, savePlan } from '$lib/server/plans';
import { problem } from '$lib/server/problem';
import { deletePlan } from '$lib/server/trash';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

const missing = () => problem(404, { detail: 'There is no such wall' });

export const GET: RequestHandler = ({ params }) =>
	withDatabase(async () => {
		const found = await findPlan(params.id);
		return found ? json(found) : missing();
	});

/** `{ revision, plan }` in: written only if `revision` is still the newest; else 409 with what is there. */
export const PUT: RequestHandler = async ({ params, request }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const { revision, plan: document } = (body.value ?? {}) as { revision?: unknown; plan?: unknown };
	const bad = hostile(body.value);
	if (bad) return problem(422, { errors: [bad] });
	if (typeof revision !== 'number' || !Number.isInteger(revision) || revision < 1) {
		return problem(422, { errors: [{ path: 'revision', message: 'must be the revision this plan is based on' }] });
	}
	const plan = planFrom(document, 'plan');
	if (!plan.ok) return plan.error;
	return withDatabase(async () => {
		const saved = await savePlan(params.id, revision, plan.value);
		switch (saved.kind) {
			case 'kept':
				return json({ revision: saved.revision });
			case 'stale':
				return problem(409, { detail: 'This wall was changed elsewhere', current: saved.current });
			case 'missing':
				return missing();
		}
	});
};

/** Into the trash. */
export const DELETE: RequestHandler = ({ params }) =>
	withDatabase(async () => ((await deletePlan(params.id)) ? new Response(null, { status: 204 }) : missing()));
