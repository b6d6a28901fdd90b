import type { Problem } from '$core/result';
import { tallest } from '$core/survey/outline';
import { sayProblem } from '$lib/state/commit';
import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
import { preferences } from '$lib/state/preferences.svelte';
import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
import { followDrag } from './drag';
import { dragMove, nudgeMove, type Grip, type Move } from './moves';
import type { View } from './view';

const SNAP_PX = 8;
/** How long a refusal is shown, ms. */
const SAID_FOR = 4000;
const LISTS = { stud: 'studs', obstruction: 'obstructions', row: 'rows', holder: 'holders' } as const;

/** What the hand works on. */
interface Bench {
	readonly open: OpenPlan;
	readonly desk: SurveyDesk;
	/** How the wall lies on the screen. */
	readonly view: View;
}

/** The hand on the drawing: where it points, what it drags or moves by keys, and why it cannot. */
export class WallHand {
	/** Where the pointer is on the wall; null while it is beside it or drags. */
	pointer = $state.raw<{ x: number; y: number } | null>(null);
	/** What a drag does where it is now. */
	move = $state.raw<Move | null>(null);
	/** Why the last press did nothing. */
	refused = $state('');
	#dragging = $state(false);
	#refusing: ReturnType<typeof setTimeout> | undefined;
	#svg: SVGSVGElement | undefined;
	#bench: Bench;

	constructor(bench: Bench) {
		this.#bench = bench;
	}

	/** An action for the drawing: where the hand points, and measures that are laid on it. */
	follow = (svg: SVGSVGElement) => {
		this.#svg = svg;
		const leave = () => (this.pointer = null);
		svg.addEventListener('pointermove', this.#hover);
		svg.addEventListener('pointerleave', leave);
		svg.addEventListener('pointerdown', this.#lay, true);
		return {
			destroy() {
				svg.removeEventListener('pointerleave', leave);
			}
		};
	};

	/** Place on the wall of a place on the page; `box` is where the drawing is on the page. */
	#toWall(event: PointerEvent, box: DOMRect) {
		const view = this.#bench.view;
		return { x: (event.clientX - box.left - view.x) / view.k, y: (view.y - (event.clientY - box.top)) / view.k };
	}

	#box(): DOMRect {
		return this.#svg?.getBoundingClientRect() ?? new DOMRect();
	}

	#hover = (event: PointerEvent): void => {
		if (this.#dragging) return;
		const { wall } = this.#bench.open.shown;
		const at = this.#toWall(event, this.#box());
		this.pointer = at.x >= 0 && at.x <= wall.width && at.y >= 0 && at.y <= tallest(wall) ? at : null;
	};

	/** Takes hold of a thing: it is picked, and follows the pointer to where it may be. */
	grab = (event: PointerEvent, grip: Grip): void => {
		if (event.button !== 0) return;
		event.stopPropagation();
		const { open } = this.#bench;
		open.selection = { kind: grip.kind, id: grip.id };
		// Measured once: asking again and again would lay the page out in the middle of every move.
		const box = this.#box();
		const start = this.#toWall(event, box);
		followDrag(event, {
			move: (e) => {
				const now = this.#toWall(e, box);
				const reach = e.altKey ? -1 : SNAP_PX / this.#bench.view.k;
				const { unit } = preferences;
				const move = dragMove(grip, now.x - start.x, now.y - start.y, { plan: open.plan, unit, reach });
				const [wrong] = open.show(move?.command ?? null);
				// What cannot be done leaves the thing where it could last be.
				if (wrong) return this.#refuse(wrong);
				this.#dragging = true;
				this.pointer = null;
				this.move = move;
			},
			end: (done) => {
				const command = this.move?.command;
				this.#dragging = false;
				this.move = null;
				open.show(null);
				if (done && command) open.do(command);
			}
		});
	};

	#refuse(problem: Problem): void {
		clearTimeout(this.#refusing);
		this.refused = sayProblem(problem, preferences.unit);
		this.#refusing = setTimeout(() => (this.refused = ''), SAID_FOR);
	}

	/** A measure is laid from where the pointer is pressed to where it is let go. */
	#lay = (event: PointerEvent): void => {
		const { desk } = this.#bench;
		if (!desk.measuring || event.button !== 0) return;
		event.stopPropagation();
		const box = this.#box();
		const from = this.#toWall(event, box);
		const before = desk.measure;
		followDrag(event, {
			move: (e) => (desk.measure = { from, to: this.#toWall(e, box) }),
			end(done) {
				if (!done) desk.measure = before;
			}
		});
	};

	/** Keys on a thing: pick it, delete it, move it a step. */
	keyed = (event: KeyboardEvent, thing: Selection): void => {
		const { open } = this.#bench;
		if (event.key === 'Enter' || event.key === ' ') {
			event.preventDefault();
			open.selection = thing;
			return;
		}
		if (event.key === 'Delete' || event.key === 'Backspace') {
			event.preventDefault();
			open.remove(LISTS[thing.kind], thing.id);
			this.#svg?.focus();
			return;
		}
		const command = nudgeMove(thing, event.key, event.shiftKey, open.plan, preferences.unit);
		if (!command) return;
		event.preventDefault();
		open.selection = thing;
		const [wrong] = open.do(command, `nudge ${thing.id} ${event.key.startsWith('Arrow') ? event.key : ''}`);
		if (wrong) this.#refuse(wrong);
	};
}
