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

const tin: Outline = (w, h) => [
	box(-w * 0.46, 0, w * 0.92, h * 0.1),
	[-w / 2, h * 0.12, `h${w}v${h * 0.86}q${-w / 2} ${h * 0.04} ${-w} 0z`]
];

const bottle: Outline = (w, h) => [
	box(-w * 0.16, 0, w * 0.32, h * 0.12),
	[
		-w * 0.13,
		h * 0.14,
		`h${w * 0.26}v${h * 0.1}l${w * 0.35} ${h * 0.12}v${h * 0.62}h${-w * 0.96}v${-h * 0.62}l${w * 0.35} ${-h * 0.12}z`
	]
];

const spray: Outline = (w, h) => [
	[
		-w * 0.2,
		0,
		`h${w * 0.6}v${h * 0.07}h${-w * 0.15}l${w * 0.1} ${h * 0.14}h${-w * 0.12}l${-w * 0.12} ${-h * 0.1}h${-w * 0.31}z`
	],
	[-w * 0.12, h * 0.24, `h${w * 0.24}l${w * 0.34} ${h * 0.14}v${h * 0.6}h${-w * 0.92}v${-h * 0.6}z`]
];

const drill: Outline = (w, h) => [
	[-w / 2, h * 0.02, `h${w * 0.78}l${w * 0.22} ${h * 0.06}v${h * 0.14}l${-w * 0.22} ${h * 0.06}h${-w * 0.78}z`],
	[-w * 0.3, h * 0.3, `h${w * 0.36}l${-w * 0.08} ${h * 0.46}h${-w * 0.32}z`],
	box(-w * 0.44, h * 0.78, w * 0.56, h * 0.22)
];

const bit: Outline = (w, h) => [
	box(-w * 0.32, h * 0.55, w * 0.64, h * 0.45),
	[-w * 0.32, h * 0.52, `v${-h * 0.44}l${w * 0.32} ${-h * 0.08}l${w * 0.32} ${h * 0.08}v${h * 0.44}z`]
];

const saw: Outline = (w, h) => [
	[-w * 0.3, 0, `h${w * 0.6}l${w * 0.08} ${h * 0.16}l${-w * 0.2} ${h * 0.1}h${-w * 0.42}l${-w * 0.1} ${-h * 0.1}z`],
	[-w * 0.34, h * 0.28, `h${w * 0.62}l${-w * 0.3} ${h * 0.72}h${-w * 0.12}z`]
];

const roll: Outline = (w, h) => {
	const ring = (rx: number, ry: number): Piece => [0, h / 2 - ry, `a${rx} ${ry} 0 1 0 .01 0z`];
	return [ring(w / 2, h / 2), ring(w * 0.2, h * 0.2)];
};

const mallet: Outline = (w, h) => [
	box(-w / 2, 0, w, Math.min(h * 0.3, w * 0.6)),
	box(-w * 0.1, Math.min(h * 0.3, w * 0.6), w * 0.2, h - Math.min(h * 0.3, w * 0.6))
];

const box3: Outline = (w, h) => [box(-w / 2, h * 0.14, w, h * 0.86), box(-w * 0.2, 0, w * 0.4, h * 0.08)];

const ladder: Outline = (w, h) => [
	box(-w / 2, 0, w * 0.1, h),
	box(w * 0.4, 0, w * 0.1, h),
	...[0.12, 0.32, 0.52, 0.72, 0.9].map((y): Piece => box(-w * 0.38, h * y, w * 0.76, h * 0.03))
];

/** Hung upright by a wheel: both wheels on edge one over the other, handlebar, pedals and saddle across. */
const bicycle: Outline = (w, h) => {
	const tyre = Math.min(w * 0.1, h * 0.04);
	const wheel = (y: number): Piece => [
		-tyre / 2,
		y,
		`q${tyre / 2} ${-tyre} ${tyre} 0v${h * 0.38}q${-tyre / 2} ${tyre} ${-tyre} 0z`
	];
	return [
		wheel(tyre / 2),
		wheel(h * 0.62 - tyre / 2),
		box(-tyre * 0.4, h * 0.3, tyre * 0.8, h * 0.4),
		box(-w / 2, h * 0.27, w, h * 0.02),
		box(-w * 0.25, h * 0.55, w * 0.5, h * 0.018),
		[-w * 0.13, h * 0.68, `h${w * 0.26}l${-w * 0.09} ${h * 0.1}h${-w * 0.08}z`]
	];
};

/** A board on edge to whoever looks. */
const slab: Outline = (w, h) => [box(-w / 2, 0, w, h)];

const level: Outline = (w, h) => [
	box(-w / 2, 0, w, h * 0.3),
	box(-w / 2, h * 0.36, w, h * 0.28),
	box(-w / 2, h * 0.7, w, h * 0.3)
];

const KINDS: [RegExp, Outline][] = [
	[/clamp/i, clamp],
	[/oar|paddle|shovel|spade/i, paddle],
	[/plane/i, plane],
	[/coil|rope|chain|hose|cable|warp/i, coil],
	[/shave|chisel|file|rasp|screwdriver|gouge|iron/i, shave],
	[/spray/i, spray],
	[/bottle|resin/i, bottle],
	[/tin|can|paint|varnish|jar|bin/i, tin],
	[/\b(bit|punch|burr)s?\b/i, bit],
	[/drill/i, drill],
	[/saw/i, saw],
	[/tape|roll|spool|twine|reel/i, roll],
	[/mallet|hammer|axe/i, mallet],
	[/kit|box|charger|battery|case/i, box3],
	[/ladder/i, ladder],
	[/bicycle|bike/i, bicycle],
	[/board|plank|batten|lumber|moulding|timber/i, slab],
	[/level|square|rule/i, level]
];

const written = (pieces: readonly Piece[], px: number, py: number): string =>
	pieces.map(([x, y, around]) => `M${px + x} ${py + y}${around}`).join('');

/**
 * The path of one thing: its outline by the word in its name, a plain hung shape for the rest.
 * @param px where it hangs
 * @param py y down
 * @example thingPath('spar clamp', 110, 620, 300, -90)
 */
export function thingPath(name: string, width: number, height: number, px: number, py: number): string {
	const [, outline] = KINDS.find(([word]) => word.test(name)) ?? [null, plain];
	return written(outline(width, height), px, py);
}

/**
 * The path of one that lies with its end toward whoever looks: round, and round again within.
 * @example endPath(72, 72, 140, -300)
 */
export const endPath = (width: number, height: number, px: number, py: number): string =>
	written(roll(width, height), px, py);
