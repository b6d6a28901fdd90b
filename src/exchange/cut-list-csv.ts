import Papa from 'papaparse';
import type { CutPlan } from '$core/cutting/cut-plan';
import { plugsWanted, screwsWanted, smallPartsWanted } from '$core/cutting/screws';
import type { Plan } from '$core/plan/types';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';
import { MM_PER_INCH, type Millimetres } from '$core/units/quantity';

/** Lengths in a column are bare numbers of the unit in its head: mm to a tenth, inches to a thousandth. */
const writer = (unit: LengthUnit) => (length: Millimetres) =>
	unit === 'inch' ? (length / MM_PER_INCH).toFixed(3) : length.toFixed(1);

/**
 * Everything to cut and to buy as one table: a line a piece with the board it comes from and where it starts, then the
 * boards, screws and plugs to buy. Every column has one unit, said in its head. Spreadsheet formulas in names are made
 * harmless.
 * @example cutListCsv(plan, cuts, 'mm').split('\r\n')[0] // 'list,what,stock,board,side,from (mm),length
 * (mm),count,for'
 */
export function cutListCsv(plan: Plan, cuts: CutPlan, unit: LengthUnit): string {
	const length = writer(unit);
	const u = unit === 'inch' ? 'in' : 'mm';
	const pieces = cuts.groups.flatMap((group) => {
		const stock = sayPhrase(group.title, unit);
		const from = group.boards.flatMap((board, b) =>
			board.lanes.flatMap((lane, l) =>
				lane.cuts.map((cut) => [
					'cut',
					cut.piece.name,
					stock,
					b + 1,
					group.lanes === 2 ? 'AB'.charAt(l) : '',
					length(cut.from),
					length(cut.piece.length),
					1,
					cut.piece.owner.name
				])
			)
		);
		const unfit = group.unfit.map((piece) => [
			'cut',
			piece.name,
			stock,
			group.tooWide ? 'wider than a board' : 'longer than a board',
			'',
			'',
			length(piece.length),
			1,
			piece.owner.name
		]);
		return [...from, ...unfit];
	});
	const boards = cuts.groups
		.filter((g) => g.boards.length > 0)
		.map((g) => [
			'buy',
			g.strip === null ? 'board' : 'strip',
			sayPhrase(g.title, unit),
			'',
			'',
			'',
			length(g.boardLength),
			g.boards.length,
			''
		]);
	const screws = screwsWanted(plan).map((s) => [
		'buy',
		'screw',
		s.size,
		'',
		'',
		'',
		length(s.length),
		s.rows + s.hooks,
		''
	]);
	const small = smallPartsWanted(plan).map((s) => [
		'buy',
		'small part',
		sayPhrase(s.what, unit),
		'',
		'',
		'',
		'',
		s.count,
		''
	]);
	const plugs = plugsWanted(plan);
	const buyPlugs = plugs
		? [['buy', 'plug', `${plugs.plug.diameter} mm`, '', '', '', length(plugs.plug.length), plugs.count, '']]
		: [];
	return Papa.unparse(
		{
			fields: ['list', 'what', 'stock', 'board', 'side', `from (${u})`, `length (${u})`, 'count', 'for'],
			data: [...pieces, ...boards, ...screws, ...small, ...buyPlugs]
		},
		{ newline: '\r\n', escapeFormulae: true }
	);
}
