import { beforeNavigate } from '$app/navigation';

/**
 * Asks before work is lost: the browser when a tab is closed, we when another page of ours is opened. For a component's
 * first moments.
 * @param here begins the address of what is worked on: its own stages are no leaving
 * @param unkept is there anything that neither the server nor this device has?
 */
export function askBeforeLeaving(here: string, unkept: () => boolean): void {
	beforeNavigate(({ type, to, cancel }) => {
		if (!unkept() || to?.url.pathname.startsWith(here)) return;
		if (type === 'leave' || !confirm('This is kept neither on the server nor on this device. Leave it all the same?'))
			cancel();
	});
}
