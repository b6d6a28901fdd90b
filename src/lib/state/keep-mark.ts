import type { OnDevice, OnServer } from './keeper.svelte';

/** What the mark beside the name says, and how loudly. */
export interface KeepMark {
	words: string;
	/** `open` is on its way; `away` is kept in one place; `lost` would be lost. */
	tone: 'kept' | 'open' | 'away' | 'lost';
}

const HERE: Record<OnDevice, string> = {
	kept: 'kept on this device',
	keeping: 'being kept on this device',
	full: 'this device has no room to keep it',
	none: 'this device cannot keep it'
};

/**
 * Says which of server and device has the work.
 * @example keepMark('waiting', 'kept', '').words // 'kept on this device; the server or its database cannot be reached'
 */
export function keepMark(server: OnServer, device: OnDevice, message: string): KeepMark {
	const here = HERE[device];
	const safe = device === 'kept' || device === 'keeping';
	const tone = safe ? 'away' : 'lost';
	const alone = safe ? '' : '. Leave this page open, or export it';
	switch (server) {
		case 'kept':
			return { words: safe ? 'kept' : `kept on the server; ${here}`, tone: 'kept' };
		case 'keeping':
			return { words: safe ? 'keeping …' : `keeping on the server …; ${here}`, tone: 'open' };
		case 'conflict':
			return { words: `changed elsewhere; yours is ${safe ? here : 'on this page only'}`, tone };
		case 'waiting':
			return {
				words: `${safe ? '' : 'not kept: '}${here}; the server or its database cannot be reached${alone}`,
				tone
			};
		case 'refused':
			return { words: `not kept on the server: ${message}; ${here}${alone}`, tone };
		case 'failed':
			return { words: `the server could not keep it (${message}); ${here}${alone}`, tone };
	}
}
