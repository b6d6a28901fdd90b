import type { CellNumber, Column } from '../../table/column';

/** The dimensions that grips need, by name. One name means one measure, whatever the grip. */
const dim = (
	key: string,
	label: string,
	min: number,
	max: number,
	hint: string,
	words: readonly string[] = []
): Column<CellNumber> => ({
	key: `dims.${key}`,
	label,
	kind: 'length',
	min,
	max,
	missing: 'null',
	hint,
	words
});

export const DIMS = {
	bar: dim('bar', 'Bar', 0.5, 120, 'Thickness of the bar or blade where it will hang', ['bar thickness', 'blade']),
	head: dim('head', 'Head', 1, 1500, 'Widest part above or beside the grip', ['cap', 'head width']),
	neck: dim('neck', 'Neck', 2, 400, 'The neck where it will sit; it may taper', ['neck diameter']),
	seat: dim('seat', 'Collar', 3, 500, 'Diameter that must not slip through', ['collar diameter', 'seat diameter']),
	halfDepth: dim('halfDepth', 'Half depth', 1, 800, 'From the middle of the neck back to what could touch the wall', [
		'half depth'
	]),
	shank: dim('shank', 'Shank', 1, 400, 'Thickest part that goes through the hole', [
		'shank diameter',
		'body',
		'diameter'
	]),
	hole: dim('hole', 'Hole', 2, 500, 'The hole or loop it hangs by', ['loop', 'hole diameter']),
	thickness: dim('thickness', 'Thickness', 0.3, 800, 'At the grip, front to back', ['thick']),
	bore: dim('bore', 'Bore', 4, 400, 'The hole through the roll or spool', ['core', 'inside diameter']),
	across: dim('across', 'Across', 5, 1500, 'Outside diameter, full', ['outside diameter', 'outer diameter']),
	roll: dim('roll', 'Roll width', 3, 3000, 'Along the rod', ['roll width']),
	inside: dim('inside', 'Inside width', 20, 800, 'Across the hollow', ['inside width']),
	insideDepth: dim('insideDepth', 'Inside depth', 10, 800, 'How far it goes over the form', ['inside depth']),
	handle: dim('handle', 'Handle', 3, 300, 'The thickest handle of the set', ['handle thickness']),
	narrowHead: dim('narrowHead', 'Narrowest head', 5, 800, 'The narrowest head of the set', ['narrowest head']),
	balance: dim('balance', 'Balance point', 1, 3000, 'From its left end to where it balances on a finger', ['balance']),
	baseWidth: dim('baseWidth', 'Base width', 5, 3000, 'Of what stands on the shelf', ['base width']),
	baseDepth: dim('baseDepth', 'Base depth', 5, 1500, 'Front to back, of what stands on the shelf', ['base depth']),
	underRim: dim('underRim', 'Body under its rims', 10, 1500, 'Width of a bin right below its rims', ['body width']),
	rim: dim('rim', 'Over its rims', 10, 1500, 'Width of a bin over both rims', ['rim width']),
	lid: dim('lid', 'Lid', 10, 300, 'Outside of the lid of a jar', ['lid diameter']),
	foot: dim('foot', 'Foot', 5, 300, 'Width of the foot that slides on the rail', ['foot width']),
	flange: dim('flange', 'Foot height', 1, 100, 'Height of the foot under the tool', ['foot height']),
	tube: dim('tube', 'Tube or tyre', 5, 200, 'What rests in the hook', ['tyre', 'tire', 'tube', 'rim']),
	wheel: dim('wheel', 'Wheel', 100, 1500, 'Outside diameter of the wheel', ['wheel diameter']),
	shortest: dim('shortest', 'Shortest', 50, 12_000, 'The shortest board kept here', ['shortest length']),
	longest: dim('longest', 'Longest', 50, 12_000, 'The longest board kept here', ['longest length']),
	stack: dim('stack', 'Stack', 1, 1500, 'Thickness of all sheets together', ['stack thickness']),
	edge: dim('edge', 'Standing height', 50, 3200, 'Height of a sheet on its edge', ['standing height'])
} as const satisfies Record<string, Column<CellNumber>>;

export type DimName = keyof typeof DIMS;
