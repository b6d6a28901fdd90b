import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
import type { View } from './view';

/** How the drawing is zoomed and moved: by the wheel, by dragging its ground, by buttons and keys. */
export class WallZoom {
	#transform = $state.raw<ZoomTransform>(zoomIdentity);
	#svg: SVGSVGElement | undefined;
	#may: (event: Event) => boolean;
	#zoom = zoom<SVGSVGElement, unknown>()
		.scaleExtent([0.5, 40])
		.filter((event: Event) => this.#may(event))
		.on('zoom', (event: { transform: ZoomTransform }) => (this.#transform = event.transform));

	/** @param may whether a press or a turn of the wheel is meant for the zoom */
	constructor(may: (event: Event) => boolean) {
		this.#may = may;
	}

	/** An action for the drawing. */
	follow = (svg: SVGSVGElement) => {
		this.#svg = svg;
		select(svg).call(this.#zoom).on('dblclick.zoom', null);
		return { destroy: () => void select(svg).on('.zoom', null) };
	};

	/** A view of the whole wall as it is zoomed. */
	of({ k, x, y }: View): View {
		const t = this.#transform;
		return { k: k * t.k, x: t.applyX(x), y: t.applyY(y) };
	}

	/** Zooms by a factor about the middle; 0 shows the whole wall again. */
	by = (factor: number): void => {
		if (!this.#svg) return;
		const drawing = select(this.#svg);
		if (factor === 0) drawing.call(this.#zoom.transform, zoomIdentity);
		else drawing.call(this.#zoom.scaleBy, factor);
	};

	/** Plus, minus and nought, while the drawing itself has the keyboard. */
	keyed = (event: KeyboardEvent): void => {
		if (event.target !== this.#svg) return;
		if (event.key === '+' || event.key === '=') this.by(1.4);
		if (event.key === '-') this.by(1 / 1.4);
		if (event.key === '0') this.by(0);
	};
}
