/** Simple outlines of things that hang, so that a clamp reads as a clamp. Origin where it hangs, y down, in mm. */

type Outline = (w: number, h: number) => string;

const clamp: Outline = (w, h) => {
	const bar = w * 0.12;
	return `M${-bar / 2} 0h${bar}v${h}h${-bar}z M${-w / 2} ${h * 0.02}h${w / 2}v${h * 0.06}h${-w / 2}z M${-w / 2} ${h * 0.62}h${w / 2}v${h * 0.07}h${-w / 2}z M${-w * 0.42} ${h * 0.69}h${w * 0.16}v${h * 0.2}h${-w * 0.16}z`;
};

const paddle: Outline = (w, h) => {
	const shaft = w * 0.2;
	const blade = h * 0.62;
	return `M${-w * 0.35} 0h${w * 0.7}v${h * 0.03}h${-w * 0.7}z M${-shaft / 2} 0h${shaft}v${blade}h${-shaft}z M${-shaft / 2} ${blade}C${-w / 2} ${blade + h * 0.06} ${-w / 2} ${blade + h * 0.12} ${-w / 2} ${h * 0.92}Q0 ${h * 1.03} ${w / 2} ${h * 0.92}C${w / 2} ${blade + h * 0.12} ${w / 2} ${blade + h * 0.06} ${shaft / 2} ${blade}z`;
};

const plane: Outline = (w, h) => `M${-w / 2} ${h * 0.1}Q0 ${-h * 0.1} ${w / 2} ${h * 0.1}V${h * 0.95}Q0 ${h * 1.05} ${-w / 2} ${h * 0.95}z M${-w * 0.28} ${h * 0.4}h${w * 0.56}v${h * 0.08}h${-w * 0.56}z`;

const coil: Outline = (w, h) => {
	const ring = (rx: number, ry: number) => `M0 ${h / 2 - ry}a${rx} ${ry} 0 1 0 .01 0z`;
	return `${ring(w / 2, h / 2)} ${ring(w * 0.36, h * 0.4)}`;
};

const shave: Outline = (w, h) => `M${-w * 0.14} 0h${w * 0.28}l${w * 0.1} ${h * 0.34}h${-w * 0.48}z M${-w / 2} ${h * 0.36}h${w}v${h * 0.26}h${-w}z M${-w * 0.24} ${h * 0.64}h${w * 0.48}l${-w * 0.1} ${h * 0.36}h${-w * 0.28}z`;

const plain: Outline = (w, h) => {
	const neck = Math.min(w * 0.3, h * 0.3);
	return `M0 ${-neck * 0.2}a${neck / 2} ${neck / 2} 0 1 0 .01 0z M${-w * 0.16} ${neck * 0.7}h${w * 0.32}L${w / 2} ${h * 0.35}V${h}H${-w / 2}V${h * 0.35}z`;
};

const KINDS: [RegExp, Outline][] = [
	[/clamp/i, clamp],
	[/oar|paddle|shovel|spade/i, paddle],
	[/plane/i, plane],
	[/coil|rope|chain|hose|cable/i, coil],
	[/shave|chisel|file|rasp|screwdriver/i, shave]
];

/** Outline of a hanging thing by the word in its name; a plain hung shape for the rest. */
export function thingShape(name: string, width: number, height: number): string {
	const [, outline] = KINDS.find(([word]) => word.test(name)) ?? [null, plain];
	return outline(width, height);
}
