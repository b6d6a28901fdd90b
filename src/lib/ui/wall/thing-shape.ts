/** Simple outlines of things that hang, so that a clamp reads as a clamp. Origin where one hangs, y down, in mm. */

/** A closed piece of an outline: where it starts, and the way round from there in relative path commands. */
type Piece = [x: number, y: number, around: string];
type Outline = (w: number, h: number) => Piece[];

const box = (x: number, y: number, w: number, h: number): Piece => [x, y, `h${w}v${h}h${-w}z`];

const clamp: Outline = (w, h) => [
	box(-w * 0.06, 0, w * 0.12, h),
	box(-w / 2, h * 0.02, w / 2, h * 0.06),
	box(-w / 2, h * 0.62, w / 2, h * 0.07),
	box(-w * 0.42, h * 0.69, w * 0.16, h * 0.2)
];

const paddle: Outline = (w, h) => {
	const shaft = w * 0.2;
	const blade = h * 0.62;
	const [flare, tip] = [(w - shaft) / 2, h * 0.92 - blade];
	return [
		box(-w * 0.35, 0, w * 0.7, h * 0.03),
		box(-shaft / 2, 0, shaft, blade),
		[
			-shaft / 2,
			blade,
			`c${-flare} ${h * 0.06} ${-flare} ${h * 0.12} ${-flare} ${tip}q${w / 2} ${h * 0.11} ${w} 0c0 ${h * 0.12 - tip} 0 ${h * 0.06 - tip} ${-flare} ${-tip}z`
		]
	];
};

const plane: Outline = (w, h) => [
	[-w / 2, h * 0.1, `q${w / 2} ${-h * 0.2} ${w} 0v${h * 0.85}q${-w / 2} ${h * 0.1} ${-w} 0z`],
	box(-w * 0.28, h * 0.4, w * 0.56, h * 0.08)
];

const coil: Outline = (w, h) => {
	const ring = (rx: number, ry: number): Piece => [0, h / 2 - ry, `a${rx} ${ry} 0 1 0 .01 0z`];
	return [ring(w / 2, h / 2), ring(w * 0.36, h * 0.4)];
};

const shave: Outline = (w, h) => [
	[-w * 0.14, 0, `h${w * 0.28}l${w * 0.1} ${h * 0.34}h${-w * 0.48}z`],
	box(-w / 2, h * 0.36, w, h * 0.26),
	[-w * 0.24, h * 0.64, `h${w * 0.48}l${-w * 0.1} ${h * 0.36}h${-w * 0.28}z`]
];

const plain: Outline = (w, h) => {
	const neck = Math.min(w * 0.3, h * 0.3);
	const [slope, side] = [w * 0.34, h * 0.35 - neck * 0.7];
	return [
		[0, -neck * 0.2, `a${neck / 2} ${neck / 2} 0 1 0 .01 0z`],
		[-w * 0.16, neck * 0.7, `h${w * 0.32}l${slope} ${side}v${h * 0.65}h${-w}v${-h * 0.65}z`]
	];
};

const KINDS: [RegExp, Outline][] = [
	[/clamp/i, clamp],
	[/oar|paddle|shovel|spade/i, paddle],
	[/plane/i, plane],
	[/coil|rope|chain|hose|cable/i, coil],
	[/shave|chisel|file|rasp|screwdriver/i, shave]
];

/**
 * One path for all the things on a holder: their outline by the word in their name, a plain hung shape for the rest.
 * @param places where each hangs, y down
 */
export function thingsPath(
	name: string,
	width: number,
	height: number,
	places: readonly (readonly [number, number])[]
): string {
	const [, outline] = KINDS.find(([word]) => word.test(name)) ?? [null, plain];
	const pieces = outline(width, height);
	return places.flatMap(([px, py]) => pieces.map(([x, y, around]) => `M${px + x} ${py + y}${around}`)).join('');
}

/** One path for several round holes, each by its centre, y down. */
export function holesPath(holes: readonly { x: number; y: number; diameter: number }[]): string {
	return holes
		.map(
			({ x, y, diameter: d }) => `M${x - d / 2} ${y}a${d / 2} ${d / 2} 0 1 0 ${d} 0a${d / 2} ${d / 2} 0 1 0 ${-d} 0z`
		)
		.join('');
}
