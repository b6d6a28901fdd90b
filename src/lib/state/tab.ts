import { nanoid } from 'nanoid';

/**
 * Which tab this is, and which others are open. Locks tell it for certain; they are there in a secure context only, and
 * a page served by name in a home network is none. There the tabs ask each other.
 */

const TAB = 'kammer-tab';
const ASK_FOR = 150;

function remembered(): string | null {
	try {
		return sessionStorage.getItem(TAB);
	} catch {
		return null;
	}
}

function remember(tab: string): string {
	try {
		sessionStorage.setItem(TAB, tab);
	} catch {
		// A browser that keeps nothing: the id lasts as long as the page.
	}
	return tab;
}

const lockOf = (tab: string) => `${TAB}:${tab}`;

let own: string | null = null;
let channel: BroadcastChannel | null = null;

/** Answers other tabs that ask who is there. */
function answerOthers(): BroadcastChannel | null {
	if (channel || typeof BroadcastChannel === 'undefined') return channel;
	channel = new BroadcastChannel(TAB);
	channel.addEventListener('message', ({ data }) => {
		if (data === 'who' && own !== null) channel?.postMessage(own);
	});
	return channel;
}

/** Ids of the tabs that are open now. */
export async function openTabs(): Promise<Set<string>> {
	if (navigator.locks) {
		const { held = [] } = await navigator.locks.query();
		return new Set(held.flatMap(({ name = '' }) => (name.startsWith(`${TAB}:`) ? [name.slice(TAB.length + 1)] : [])));
	}
	const asking = answerOthers();
	const found = new Set<string>(own === null ? [] : [own]);
	if (!asking) return found;
	const hear = ({ data }: MessageEvent) => data !== 'who' && found.add(String(data));
	asking.addEventListener('message', hear);
	asking.postMessage('who');
	await new Promise((resolve) => setTimeout(resolve, ASK_FOR));
	asking.removeEventListener('message', hear);
	return found;
}

/** A tab copied from another takes an id of its own, so that two tabs never write to one place. */
async function takeTab(): Promise<string> {
	const known = remembered();
	const taken = known !== null && !(await openTabs()).has(known) ? known : remember(nanoid());
	own = taken;
	answerOthers();
	void navigator.locks?.request(lockOf(taken), () => new Promise(() => undefined));
	return taken;
}

let taking: Promise<string> | undefined;
/** The id this page has taken, once for all that it keeps. */
export const thisTab = (): Promise<string> => (taking ??= takeTab());
