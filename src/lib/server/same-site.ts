import { nth } from '$core/nth';

/**
 * Who may ask. Kammer listens on this machine alone, but any web page can make a browser ask it: by a name that is
 * pointed at 127.0.0.1 while the page is open (so that its answers can be read), or by a plain request from elsewhere
 * (so that something is changed). The first is told by Host, the second by Origin.
 */

/** The name in a Host header, without its port; null when it is none. */
function nameIn(host: string | null): string | null {
	const found = /^(\[[0-9a-f:.]+\]|[^:/@\s]+)(:\d{1,5})?$/i.exec(host ?? '');
	return found ? nth(found, 1).toLowerCase() : null;
}

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/;

/** Is this a name of this machine alone? @example isLoopback('127.0.0.1') // true */
const isLoopback = (name: string): boolean => LOOPBACK.test(name);

/** Name and port of an origin, or null. */
function hostOf(origin: string | undefined | null): string | null {
	try {
		const url = new URL(origin ?? '');
		return /^https?:$/.test(url.protocol) ? url.host.toLowerCase() : null;
	} catch {
		return null;
	}
}

/** What is asked of a request's headers; `ours` is ORIGIN, when it is set. */
export interface Asking {
	method: string;
	host: string | null;
	origin: string | null;
	ours?: string;
}

/** Why a request is refused, or null when it may go on. */
export type Refusal = { status: 421 | 403; detail: string } | null;

/**
 * Host must be a loopback name or that of ORIGIN; what may change something must come from a page of that same address.
 * @example refusal({ method: 'GET', host: 'kammer.example', origin: null }) // { status: 421, … }
 */
export function refusal({ method, host, origin, ours }: Asking): Refusal {
	const name = nameIn(host);
	const known = hostOf(ours);
	const asked = host?.toLowerCase() ?? '';
	if (name === null || !(isLoopback(name) || asked === known))
		return { status: 421, detail: 'Kammer answers to the names of this machine, and to the one that ORIGIN says' };
	if (/^(GET|HEAD|OPTIONS)$/.test(method)) return null;
	const from = hostOf(origin);
	if (from !== null && (from === asked || from === known)) return null;
	return {
		status: 403,
		detail: 'What changes something must come from a page of this address: its Origin header says another, or none'
	};
}
