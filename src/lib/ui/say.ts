import { VERDICT_WORDS, type Check } from '$core/loads/check';
import type { Judged } from '$core/loads/check-plan';
import { tapeMarks } from '$core/holders/spacing';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';

/** A margin as it is shown: two places, a dash when nothing loads it. */
export function sayMargin(check: Pick<Check, 'margin' | 'verdict'> | undefined): string {
	if (!check) return '–';
	if (check.verdict === 'cannot-be-judged') return '?';
	return check.margin === null ? '–' : check.margin >= 100 ? '100+' : check.margin.toFixed(2);
}

/** The same where there is little room: no places from ten on. */
export function sayShortMargin(check: Pick<Check, 'margin' | 'verdict'>): string {
	const said = sayMargin(check);
	return check.margin !== null && check.margin >= 10 && check.margin < 100 && said !== '?' ? check.margin.toFixed(0) : said;
}

/** Marks to measure off from one end, each rounded once to the tape; a figure is not parted from its unit. */
export function sayMarks(positions: readonly number[], unit: LengthUnit): string {
	return tapeMarks(positions, unit).map((x) => formatLength(x, unit).replaceAll(' ', '\u00a0')).join(', ');
}

/** Verdict, margin and reason in a line: "Close: 1.09, top screw at stud 830 mm". */
export function sayVerdict(judged: Judged | undefined, unit: LengthUnit): string {
	if (!judged?.check) return 'Nothing hangs here yet';
	const margin = judged.check.margin === null ? '' : `${sayMargin(judged.check)}, `;
	return `${VERDICT_WORDS[judged.verdict]}: ${margin}${sayPhrase(judged.check.reason, unit)}`;
}

