import Papa from 'papaparse';
import type { CutPlan } from '$core/cutting/cut-plan';
import type { Offer } from '$core/cutting/offers';
import { plugsWanted, screwsWanted, smallPartsWanted } from '$core/cutting/screws';
import type { Plan } from '$core/plan/types';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';
import { MM_PER_INCH, type Millimetres } from '$core/units/quantity';

/** Lengths in a column are bare numbers of the unit in its head: mm to a tenth, inches to a thousandth. */
const writer = (unit: LengthUnit) => (length: Millimetres) =>
	unit === 'inch' ? (length / MM_PER_INCH).toFixed(3) : length.toFixed(1);

/**
 * Everything to cut and to buy as one table: a line a piece with the board it comes from and where it lies on it,
 * then the boards there already to take, and boards, screws and plugs to buy. Every column has one unit, said in
 * its head. Spreadsheet formulas in names are made harmless.
 * @example cutListCsv(plan, cuts, 'mm').split('\r\n')[0] // 'list,what,stock,board,along (mm),...'
 */
export function cutListCsv(plan: Plan, cuts: CutPlan, unit: LengthUnit): string {
	const length = writer(unit);
	const u = unit === 'inch' ? 'in' : 'mm';
	const pieces = cuts.groups.flatMap((group) => {
		const laid = group.sheets.flatMap((sheet, n) => {
			const { title } = group.offers[sheet.offer] as Offer;
			return sheet.pieces.map(({ piece, x, y, length: l, width }) => [
				'cut',
				piece.name,
				title,
				n + 1,
				length(x),
				length(y),
				length(l),
				length(width),
				1,
				piece.owner.name
			]);
		});
		const unfit = group.unfit.map(({ piece, why }) => [
			'cut',
			piece.name,
			sayPhrase(group.title, unit),
			sayPhrase(why, unit),
			'',
			'',
			length(piece.length),
			'',
			1,
			piece.owner.name
		]);
		return [...laid, ...unfit];
	});
	const boards = cuts.groups.flatMap((group) =>
		group.offers.flatMap((offer, i) => {
			const count = group.sheets.filter((s) => s.offer === i).length;
			const list = offer.owned ? 'take' : 'buy';
			const size = [length(offer.length), length(offer.width)];
			return count > 0 ? [[list, group.kind, offer.title, '', '', '', ...size, count, offer.owned?.where ?? '']] : [];
		})
	);
	const screws = screwsWanted(plan).map((s) => [
		'buy',
		'screw',
		s.size,
		'',
		'',
		'',
		length(s.length),
		'',
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
		'',
		s.count,
		''
	]);
	const plugs = plugsWanted(plan);
	const buyPlugs = plugs
		? [['buy', 'plug', `${plugs.plug.diameter} mm`, '', '', '', length(plugs.plug.length), '', plugs.count, '']]
		: [];
	return Papa.unparse(
		{
			fields: [
				'list',
				'what',
				'stock',
				'board',
				`along (${u})`,
				`across (${u})`,
				`length (${u})`,
				`width (${u})`,
				'count',
				'for'
			],
			data: [...pieces, ...boards, ...screws, ...small, ...buyPlugs]
		},
		{ newline: '\r\n', escapeFormulae: true }
	);
}
