import { standingMargin, verdictWords, VERDICT_WORDS, type Check, type Step } from '$core/verdict/check';
import type { Judged } from '$core/checks/check-plan';
import { tapeMarks } from '$core/carriers/spacing';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';

type Told = Pick<Check, 'margin' | 'verdict' | 'second'>;

const figure = (margin: number) => (margin >= 100 ? '100+' : margin.toFixed(2));

/** Does a second line make it close, its own margin being under 1? */
const bySecond = ({ verdict, margin, second }: Told): boolean =>
	verdict === 'close' && second !== undefined && margin !== null && margin < 1;

/**
 * A margin as it is shown: two places, a dash when nothing loads it, a question mark when it cannot be told. One
 * meaning a number: where a second line is what holds, the first line's number stands in words beside it, and here the
 * second's.
 */
export function sayMargin(check: Told | undefined): string {
	if (!check) return '–';
	if (check.verdict === 'cannot-be-judged') return '?';
	const margin = bySecond(check) ? standingMargin(check) : check.margin;
	if (margin === null) return '–';
	return bySecond(check) ? `(${figure(margin)})` : figure(margin);
}

/** The same where there is little room: no places from ten on. What cannot be built has no margin worth a look. */
export function sayShortMargin(check: Told): string {
	if (check.verdict === 'cannot-be-built') return 'stop';
	const said = sayMargin(check);
	return !bySecond(check) && check.margin !== null && check.margin >= 10 && check.margin < 100 && said !== '?'
		? check.margin.toFixed(0)
		: said;
}

/** Marks to measure off from one end, each rounded once to the tape; a figure is not parted from its unit. */
export function sayMarks(positions: readonly number[], unit: LengthUnit): string {
	return tapeMarks(positions, unit)
		.map((x) => formatLength(x, unit).replaceAll(' ', '\u00a0'))
		.join(', ');
}

/**
 * A step's verdict, number and reason in a line: "Close by friction: 1.37; 0.74 without, seat: reaches down 1.10 times
 * its stand-off".
 */
export function sayStep(step: Step, unit: LengthUnit): string {
	const words = verdictWords(step, figure);
	return `${step.basis === 'grab' ? 'A grab: ' : ''}${words}${step.margin === null ? ': ' : ', '}${sayPhrase(step.reason, unit)}`;
}

/** Why, for a list: what stands behind it first, where that is what holds. */
export function sayWhy(step: Step, unit: LengthUnit): string {
	const why = sayPhrase(step.reason, unit);
	return bySecond(step) ? `by ${step.second?.by}, ${figure(step.margin ?? 0)} without: ${why}` : why;
}

/** Verdict, margin and reason in a line: "Close: 1.09, top screw at stud 830 mm". A stop says itself. */
export function sayVerdict(judged: Judged | undefined, unit: LengthUnit): string {
	if (judged?.stop) return `${VERDICT_WORDS['cannot-be-built']}: ${sayPhrase(judged.stop.message, unit)}`;
	if (!judged?.check || judged.verdict === 'unloaded') return 'Nothing hangs here yet';
	return sayStep(judged.check, unit);
}
