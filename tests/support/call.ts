/** What a request came to: its JSON where it is that, and problems with their paths. */
export interface Called {
	status: number;
	headers: Headers;
	text: string;
	json: Record<string, never> & { errors: { path: string; message: string }[] };
}

/** Sends requests to a server, as any program would. @example const call = caller(() => kammer.url) */
export function caller(url: () => string) {
	return async (
		method: string,
		path: string,
		body?: unknown,
		headers: Record<string, string> = { 'content-type': 'application/json' }
	): Promise<Called> => {
		const response = await fetch(url() + path, {
			method,
			redirect: 'manual',
			headers: body === undefined ? {} : headers,
			body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body)
		});
		const text = await response.text();
		return {
			status: response.status,
			headers: response.headers,
			text,
			json: (/json/.test(response.headers.get('content-type') ?? '') ? JSON.parse(text) : null) as never
		};
	};
}
