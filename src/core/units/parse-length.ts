import { nth } from '../nth';
import { fail, ok, type Result } from '../result';
import { MM_PER_INCH, type Millimetres } from './quantity';

export type LengthUnit = 'inch' | 'mm';

/** Exact: 12 times 25.4 in binary is a little less. */
const MM_PER_FOOT = 304.8;

const UNICODE_FRACTIONS: Record<string, string> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4',
	'⅕': '1/5',
	'⅖': '2/5',
	'⅗': '3/5',
	'⅘': '4/5',
	'⅙': '1/6',
	'⅚': '5/6',
	'⅐': '1/7',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8',
	'⅑': '1/9',
	'⅒': '1/10'
};
const MM_PER: Record<string, number> = {
	mm: 1,
	millimetre: 1,
	millimetres: 1,
	millimeter: 1,
	millimeters: 1,
	cm: 10,
	centimetre: 10,
	centimetres: 10,
	centimeter: 10,
	centimeters: 10,
	m: 1000,
	metre: 1000,
	metres: 1000,
	meter: 1000,
	meters: 1000,
	in: MM_PER_INCH,
	inch: MM_PER_INCH,
	inches: MM_PER_INCH,
	'"': MM_PER_INCH,
	ft: MM_PER_FOOT,
	foot: MM_PER_FOOT,
	feet: MM_PER_FOOT,
	"'": MM_PER_FOOT
};
/** Sums of feet and inches carry the dust of binary fractions: nothing that is typed is finer than this, mm. */
const DUST = 1e-9;
/** A number as people write it: `3`, `3.5`, `3,5`, `.5`, `7/16`, `3 7/16`, `3-7/16`. */
const NUMBER = /^(?:(\d+)(?:\s+|\s*-\s*)(\d+)\s*\/\s*(\d+)|(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))/;
/** 1,200: twelve hundred to some, one and a fifth to others. Nobody measures thousandths of a millimetre. */
const THOUSANDS = /^\d{1,3},\d{3}$/;
const UNIT =
	/^\s*(millimet(?:re|er)s?|centimet(?:re|er)s?|met(?:re|er)s?|inch(?:es)?|feet|foot|mm|cm|in|ft|m|"|')\.?(?![a-z])/i;

function normalise(text: string): string {
	return text
		.replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]/g, (c) => ` ${UNICODE_FRACTIONS[c]}`)
		.replace(/\u2044/g, '/')
		.replace(/[\u2010-\u2015\u2212]/g, '-')
		.replace(/''|[\u2033\u201c\u201d]/g, '"')
		.replace(/[\u2032\u2018\u2019]/g, "'")
		.replace(/[\u00a0\u2009\u202f]/g, ' ')
		.trim();
}

function numberAt(text: string): { value: number; length: number; text: string } | string | null {
	const m = NUMBER.exec(text);
	if (!m) return null;
	const [all, whole, num, den, num2, den2, decimal] = m;
	const below = den ?? den2;
	if (below !== undefined && Number(below) === 0) return `"${all}" divides by zero`;
	let value: number;
	if (whole !== undefined) value = Number(whole) + Number(num) / Number(den);
	else if (num2 !== undefined) value = Number(num2) / Number(den2);
	else value = Number((decimal as string).replace(',', '.'));
	return { value, length: all.length, text: all };
}

/**
 * Reads a length the way people write one and gives millimetres.
 * Takes fractions (`3 7/16`, `3-7/16"`, `3½`), decimals with point or comma, feet and inches (`7' 2 1/2"`), mm, cm, m,
 * and a leading minus. A bare number is in `unit`; a bare number after feet is inches.
 * @param text what was typed
 * @param unit the unit of a bare number
 * @returns millimetres, or an error that names the part not understood
 * @example parseLength(`7' 2 1/2"`, 'mm') // { ok: true, value: 2197.1 }
 */
export function parseLength(text: string, unit: LengthUnit): Result<Millimetres> {
	let rest = normalise(text);
	if (rest === '') return fail('Type a length, for example 3 7/16" or 87 mm');
	if (rest.length > 60) return fail('That is too long to be a length');
	const sign = rest.startsWith('-') ? -1 : 1;
	if (sign < 0) rest = rest.slice(1).trim();

	let total = 0;
	let smallest = Infinity;
	while (rest !== '') {
		const number = numberAt(rest);
		if (typeof number === 'string') return fail(number);
		if (!number) return fail(`Not understood: "${rest}". Write it like 3 7/16", 7' 2 1/2" or 87 mm`);
		rest = rest.slice(number.length);
		const m = UNIT.exec(rest);
		let size: number;
		if (m) {
			size = MM_PER[nth(m, 1).toLowerCase()] as number;
			rest = rest.slice(m[0].length);
		} else if (rest.trim() === '' && smallest === MM_PER.ft) {
			size = MM_PER_INCH;
		} else if (rest.trim() === '' && smallest === Infinity) {
			size = unit === 'inch' ? MM_PER_INCH : 1;
		} else {
			const odd = rest.trim();
			return fail(
				odd === ''
					? 'The last number has no unit'
					: `Not understood: "${odd}". Write it like 3 7/16", 7' 2 1/2" or 87 mm`
			);
		}
		if (size === 1 && THOUSANDS.test(number.text))
			return fail(
				`Is "${number.text}" mm ${number.text.replace(',', '')} or ${number.value}? Write it without the comma`
			);
		if (size >= smallest) return fail('Write the larger unit first, for example 7\' 2"');
		total += number.value * size;
		smallest = size;
		rest = rest.replace(/^\s*(?:-|,|and)?\s*/i, '');
	}
	return Number.isFinite(total)
		? ok(
				sign *
					(Math.round(total / DUST) < Number.MAX_SAFE_INTEGER
						? Number((Math.round(total / DUST) * DUST).toFixed(9))
						: total)
			)
		: fail('That is too large to be a length');
}
