import { DAY_WORDS, isDay } from '../form/day';
import { fail, ok, type Result } from '../result';
import { formatLength } from '../units/format-length';
import { formatQuantity } from '../units/format-quantity';
import { parseLength, type LengthUnit } from '../units/parse-length';
import { parseMass } from '../units/parse-mass';
import { capital } from '../words';
import { isOptional, type CellValue, type Column } from './column';

const YES = /^(y|yes|true|x|✓|✔|1|ja|oui|si|sí)$/i;
const NO = /^(n|no|false|0|-|nein|non)?$/i;
/** What people write where they know nothing. */
const EMPTY = /^(-|–|—|\?|n\/?a|none|unknown)?$/i;

const plain = (text: string) =>
	text
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, ' ')
		.trim();

/** Unit of bare numbers: of lengths, and of weights where that is another matter, as in a column headed (g). */
export interface Bare {
	length: LengthUnit | 'cm' | 'm' | 'ft';
	mass: 'kg' | 'g' | 'lb' | 'oz';
}
export const bareUnits = (unit: LengthUnit): Bare => ({ length: unit, mass: unit === 'inch' ? 'lb' : 'kg' });

/** A bare number, as `12`, `1/4` or `3 7/16`, that a unit can be put behind. */
const BARE = /^[\d\s.,/⁄½¼¾⅛⅜⅝⅞⅓⅔-]+$/;

/** Sixteenths of a millimetre are nobody's: a bare fraction in a metric column may be inches. */
const FRACTION = /^[\d\s-]*(?:\d+\s*[/⁄]\s*\d+|[½¼¾⅛⅜⅝⅞⅓⅔])$/;

function readLength(text: string, unit: Bare['length']): Result<number> {
	if (unit !== 'inch' && unit !== 'ft' && FRACTION.test(text))
		return fail(`Is "${text}" inches? Write it with its unit, as ${text}"`);
	if (unit === 'mm' || unit === 'inch') return parseLength(text, unit);
	return parseLength(BARE.test(text) ? `${text} ${unit}` : text, 'mm');
}

/** 1,234 of grams is twelve hundred: a comma and three digits before nothing else is asked about, as for lengths. */
function readMass(text: string, unit: Bare['mass']): Result<number> {
	return parseMass(/[a-z]/i.test(text) ? text : `${text} ${unit}`, 'mm');
}

/** What is written in another unit is rounded: a value at its bound may come back so much past it. It is that bound. */
const ROUNDED = 0.005;

function bounded(value: number, column: { min: number; max: number }, say: (n: number) => string): Result<number> {
	const bound = [column.min, column.max].find((b) => Math.abs(value - b) <= ROUNDED * Math.abs(b));
	if (bound !== undefined) return ok(bound);
	if (value < column.min) return fail(`Must be at least ${say(column.min)}`);
	if (value > column.max) return fail(`Must be at most ${say(column.max)}`);
	return ok(value);
}

function readChoice(
	text: string,
	choices: readonly { value: string; name: string; words?: readonly string[] }[]
): Result<string> {
	const wanted = plain(text);
	const found = choices.find((c) => [c.value, c.name, ...(c.words ?? [])].some((w) => plain(w) === wanted));
	return found ? ok(found.value) : fail(`"${text}" is none of: ${choices.map((c) => c.name).join(', ')}`);
}

/**
 * Reads what somebody typed or a file holds into a column's value, within its bounds.
 * @param bare units of numbers without one
 * @param unit the unit that limits are said in
 * @returns mm, kg, a number, text, a choice or a tick; or what is wrong, in plain words
 * @example readCell('3 7/16"', massColumn, bareUnits('mm'), 'mm').ok // false: not a weight
 */
export function readCell(raw: string, column: Column, bare: Bare, unit: LengthUnit): Result<CellValue> {
	const text = raw.trim();
	if (isOptional(column) && EMPTY.test(text)) return ok(null);
	switch (column.kind) {
		case 'text':
			if (column.needed && text === '') return fail('Must not be empty');
			if (column.day && !isDay(text)) return fail(capital(DAY_WORDS));
			return text.length > column.max ? fail(`Must be at most ${column.max} characters`) : ok(text);
		case 'length': {
			const got = readLength(text, bare.length);
			return got.ok ? bounded(got.value, column, (n) => formatLength(n, unit)) : got;
		}
		case 'mass': {
			const got = readMass(text, bare.mass);
			return got.ok ? bounded(got.value, column, (n) => formatQuantity({ value: n, dim: 'mass' }, unit)) : got;
		}
		case 'whole':
		case 'number': {
			const bareText = text
				.replace(column.unit ?? '', '')
				.trim()
				.replace(/^[x×]\s*|\s*[x×]$/gi, '');
			if (!/^[-−]?\d+([.,]\d+)?$/.test(bareText)) return fail(`Not a number: "${text}"`);
			const number = Number(bareText.replace(',', '.').replace('−', '-'));
			if (column.kind === 'whole' && !Number.isInteger(number)) return fail('Must be a whole number');
			return bounded(number, column, (n) => `${n}${column.unit ? ` ${column.unit}` : ''}`);
		}
		case 'choice':
			return readChoice(text, column.choices);
		case 'flag':
			if (YES.test(text)) return ok(true);
			return NO.test(text) ? ok(false) : fail(`"${text}" is neither yes nor no`);
	}
}
