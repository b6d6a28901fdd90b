import { startInputs, type InputSpec, type Inputs, type InputValue } from '$core/sums/inputs';
import type { Sum } from '$core/sums/sum';
import type { LengthUnit } from '$core/units/parse-length';

/** How many places of a millimetre or kilogram a link keeps: finer than any tape or scale. */
const PLACES = 4;
const plain = (n: number) => String(Number(n.toFixed(PLACES)));

function write(value: InputValue): string {
	if (value === null) return '';
	if (Array.isArray(value)) return value.map(plain).join('_');
	if (typeof value === 'boolean') return value ? 'yes' : 'no';
	return typeof value === 'number' ? plain(value) : value;
}

const FLAGS = new Map([
	['yes', true],
	['no', false]
]);
const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text));
const finite = (text: string) => (Number.isFinite(number(text)) ? number(text) : undefined);

function read(field: InputSpec, text: string): InputValue | undefined {
	switch (field.kind) {
		case 'choice':
			return field.choices.some((c) => c.value === text) ? text : undefined;
		case 'flag':
			return FLAGS.get(text);
		case 'lengths': {
			const all = text.split('_').map(number);
			return all.every(Number.isFinite) ? all : undefined;
		}
		default:
			return field.missing && text === '' ? null : finite(text);
	}
}

/**
 * The query of a permanent link that carries a sum's inputs, in mm, kg and degrees whatever the screen says.
 * @example sumQuery({ span: 800 }) // 'span=800'
 */
export function sumQuery(inputs: Inputs): string {
	return new URLSearchParams(Object.entries(inputs).map(([name, value]) => [name, write(value)])).toString();
}

/**
 * Reads such a link. What it leaves out, and what is no value of its field, starts as the form does.
 * @returns inputs, and the names of fields whose part of the link could not be read
 */
export function inputsFromQuery(
	sum: Sum,
	query: URLSearchParams,
	unit: LengthUnit
): { inputs: Inputs; unread: string[] } {
	const inputs = startInputs(sum.fields, unit);
	const unread: string[] = [];
	for (const [name, field] of Object.entries(sum.fields)) {
		const text = query.get(name);
		if (text === null) continue;
		const value = read(field, text);
		if (value === undefined) unread.push(name);
		else inputs[name] = value;
	}
	return { inputs, unread };
}
