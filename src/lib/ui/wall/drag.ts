interface DragHandlers {
	/** The pointer has moved; at most once a frame, with the last event, in a task of its own. */
	move: (event: PointerEvent) => void;
	/** Let go (true), or given up with Escape or by the system (false). Not called for a press that never moved. */
	end: (done: boolean) => void;
}

/** A press that moves less than this is a click, px. */
const CLICK = 4;

/**
 * Follows one drag from its pointerdown: captures the pointer, one move a frame, Escape gives up. A browser tells of
 * moves just before it draws: what a move works out waits until that is done, so that neither holds up the other.
 * @param press the pointerdown event, on the element taken hold of
 */
export function followDrag(press: PointerEvent, { move, end }: DragHandlers): void {
	const target = press.currentTarget as Element;
	let waiting: ReturnType<typeof setTimeout> | undefined;
	let last = press;
	let moved = false;
	const step = () => {
		waiting = undefined;
		move(last);
	};
	const onmove = (e: Event) => {
		last = e as PointerEvent;
		if (!moved && Math.hypot(last.clientX - press.clientX, last.clientY - press.clientY) < CLICK) return;
		moved = true;
		waiting ??= setTimeout(step);
	};
	const finish = (done: boolean) => {
		clearTimeout(waiting);
		target.removeEventListener('pointermove', onmove);
		target.removeEventListener('pointerup', up);
		target.removeEventListener('pointercancel', cancel);
		window.removeEventListener('keydown', escape, true);
		if (!moved) return;
		if (done) move(last);
		end(done);
	};
	const up = () => finish(true);
	const cancel = () => finish(false);
	const escape = (e: KeyboardEvent) => {
		if (e.key !== 'Escape') return;
		e.stopPropagation();
		finish(false);
	};
	target.setPointerCapture(press.pointerId);
	target.addEventListener('pointermove', onmove);
	target.addEventListener('pointerup', up);
	target.addEventListener('pointercancel', cancel);
	window.addEventListener('keydown', escape, true);
}
