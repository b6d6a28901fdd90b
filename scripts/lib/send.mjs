/**
 * Sends a request that may change something, as Kammer's own pages do: with the origin of the address it goes to.
 * @param {string} address where to
 * @param {string} method
 * @param {unknown} body JSON, unless it is bytes or text already
 * @param {{ headers?: Record<string, string>, redirect?: RequestRedirect, duplex?: 'half' }} [more]
 * @returns {Promise<Response>}
 * @example await send('http://127.0.0.1:5180/api/plans', 'POST', plan)
 */
export function send(address, method, body, { headers = {}, ...more } = {}) {
	const raw =
		typeof body === 'string' || body instanceof Uint8Array || body instanceof ReadableStream || body instanceof Blob;
	const sent = raw ? body : JSON.stringify(body);
	return fetch(address, {
		method,
		headers: { origin: new URL(address).origin, 'content-type': 'application/json', ...headers },
		body: body === undefined ? undefined : sent,
		...more
	});
}
