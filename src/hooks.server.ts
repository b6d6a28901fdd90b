import { type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import { nanoid } from 'nanoid';
import { refuse } from '$lib/server/body';
import { closeDatabase, database, tidyWith } from '$lib/server/db/database';
import { log } from '$lib/server/log';
import { problem } from '$lib/server/problem';
import { refusal } from '$lib/server/same-site';
import { emptyTrash } from '$lib/server/trash';
import '$lib/server/seed';

/** What has waited in the trash long enough is looked for so often, ms. */
const DAY = 24 * 60 * 60 * 1000;

/** Migrates and seeds before the first request; a database that is not up yet is tried again by each request. */
export const init: ServerInit = async () => {
	tidyWith(emptyTrash);
	await database().catch(() => undefined);
	setInterval(
		() =>
			void database()
				.then((db) => emptyTrash(db))
				.catch(() => undefined),
		DAY
	).unref();
};

const HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'x-frame-options': 'DENY',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=()'
};

export const handle: Handle = async ({ event, resolve }) => {
	const started = performance.now();
	const requestId = nanoid(10);
	event.locals.requestId = requestId;
	const { headers, method } = event.request;
	const refused = refusal({
		method,
		host: headers.get('host'),
		origin: headers.get('origin'),
		ours: process.env.ORIGIN
	});
	const response = refused
		? await refuse(event.request, problem(refused.status, { detail: refused.detail }))
		: await resolve(event);
	for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
	response.headers.set('x-request-id', requestId);
	if (event.url.pathname.startsWith('/api/')) {
		if (!response.headers.has('content-security-policy'))
			response.headers.set('content-security-policy', "default-src 'none'; frame-ancestors 'none'");
		if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
	}
	log.info(
		{
			requestId,
			method: event.request.method,
			path: event.url.pathname,
			status: response.status,
			ms: Math.round(performance.now() - started)
		},
		'request'
	);
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status >= 500) log.error({ requestId: event.locals.requestId, err: error }, 'unhandled');
	return { message, requestId: event.locals.requestId };
};

process.on('sveltekit:shutdown', () => void closeDatabase());
