import Papa from 'papaparse';
import type { CutPlan } from '$core/cutting/cut-plan';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';

/**
 * The cut list as CSV: a line a piece, with the board it comes from and where it starts. Spreadsheet formulas in names are
 * made harmless.
 * @example cutListCsv(plan, 'mm').split('\r\n')[0] // 'stock,board,side,from (mm),length (mm),length,piece,for'
 */
export function cutListCsv(plan: CutPlan, unit: LengthUnit): string {
	const rows = plan.groups.flatMap((group) => [
		...group.boards.flatMap((board, b) =>
			board.lanes.flatMap((lane, l) =>
				lane.cuts.map((cut) => [
					sayPhrase(group.title, unit), b + 1, group.lanes === 2 ? (l === 0 ? 'A' : 'B') : '',
					cut.from.toFixed(1), cut.piece.length.toFixed(1), formatLength(cut.piece.length, unit), cut.piece.name, cut.piece.owner.name
				])
			)
		),
		...group.unfit.map((piece) => [
			sayPhrase(group.title, unit), group.tooWide ? 'wider than a board' : 'longer than a board', '', '', piece.length.toFixed(1), formatLength(piece.length, unit), piece.name, piece.owner.name
		])
	]);
	return Papa.unparse(
		{ fields: ['stock', 'board', 'side', 'from (mm)', 'length (mm)', 'length', 'piece', 'for'], data: rows },
		{ newline: '\r\n', escapeFormulae: true }
	);
}
