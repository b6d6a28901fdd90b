import { send } from '../../scripts/lib/send.mjs';

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
		headers: Record<string, string> = {}
	): Promise<Called> => {
		const response = await send(url() + path, method, body, { redirect: 'manual', headers });
		const text = await response.text();
		return {
			status: response.status,
			headers: response.headers,
			text,
			json: (/json/.test(response.headers.get('content-type') ?? '') ? JSON.parse(text) : null) as never
		};
	};
}
