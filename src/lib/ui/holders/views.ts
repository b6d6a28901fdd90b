import { above, sizeOn } from '$core/holders/assemble';
import { thingOn, type Built } from '$core/holders/built';
import { remembering } from '$core/remembering';
import { project, type Projection, type ViewName } from '$core/solid/project';
import { thingOnSeat } from '../wall/thing-on-seat';

const drawn = (view: ViewName) => remembering((built: Built): Projection => project(built.parts, view));

/** A holder from each side, worked out once. @example VIEWS.front(built).visible.length */
export const VIEWS: Record<ViewName, (built: Built) => Projection> = {
	front: drawn('front'),
	side: drawn('side'),
	above: drawn('above'),
	below: drawn('below')
};

interface Box {
	x: number;
	y: number;
	width: number;
	height: number;
}

/** What hangs, from the front: recognisable outlines, y down. */
export const thingsFromFront = remembering((built: Built): string => built.seats.map(thingOnSeat).join(''));

/** What hangs, from the left end, as boxes out and up, y down; what lies behind another is left out. */
export const thingsFromSide = remembering((built: Built): Box[] => {
	const found = new Map<string, Box>();
	for (const s of built.seats) {
		const load = thingOn(s);
		if (!load) continue;
		for (const t of s.things) {
			// On what slopes up it stands higher the further out it is.
			const up = Math.abs(s.axis[2]) > Math.abs(s.axis[1]) ? t.at[1] : s.at[1];
			const top = up + above(s.stance, load);
			const { deep } = sizeOn(s, load);
			const box = { x: t.at[2] - deep / 2, y: -top, width: deep, height: load.height };
			found.set(`${box.x.toFixed(1)} ${box.y.toFixed(1)} ${box.width} ${box.height}`, box);
		}
	}
	return [...found.values()];
});

/** What hangs, from above, as boxes along and out, the wall on top. */
export const thingsFromAbove = remembering((built: Built): Box[] =>
	built.seats.flatMap((s) => {
		const load = thingOn(s);
		if (!load) return [];
		const { wide, deep } = sizeOn(s, load);
		return s.things.map((t) => ({ x: s.at[0] - wide / 2, y: t.at[2] - deep / 2, width: wide, height: deep }));
	})
);
