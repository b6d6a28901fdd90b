import type { SumLine } from '$core/verdict/check';
import { MM_PER_INCH, MPA_PER_PSI, N_PER_POUND } from '$core/units/quantity';

/** From inches and pounds, which published equations are in, to what is held inside. */
const FROM_INCH: Record<string, number> = {
	force: N_PER_POUND,
	'force-per-length': N_PER_POUND / MM_PER_INCH,
	moment: N_PER_POUND * MM_PER_INCH,
	stress: MPA_PER_PSI
};

/**
 * Works a written sum out, as one would with a pencil: nothing but the numbers and signs that stand in it. What follows
 * a colon is a remark; what follows a semicolon are the letters used.
 */
export function workOut(line: SumLine): number {
	const [sum, remark = ''] = line.sum.text.split(': ') as [string, string?];
	const [main, ...named] = sum.split('; ') as [string, ...string[]];
	const plain = (text: string) =>
		text
			.replace(/\{(\w+)(@tape)?\}/g, (_, name: string) => {
				const value = line.sum.values[name];
				return `(${typeof value === 'string' ? value : (value?.value ?? Number.NaN)})`;
			})
			.replaceAll('×', '*')
			.replaceAll('²', '**2')
			.replaceAll('³', '**3')
			.replaceAll('^', '**')
			.replaceAll('π', 'Math.PI')
			.replace(/\b(atan|tan|sin|cos)\s*\(/g, 'Math.$1(')
			.replace(/√\(/g, 'Math.sqrt(');
	const names = (named[0] ?? '')
		.split(', ')
		.filter(Boolean)
		.map((n) => n.split(' = ') as [string, string]);
	const body = `${names.map(([n, value]) => `const ${n} = ${plain(value).replace(/^-/, '-1*')};`).join('')} return ${plain(main)};`;
	const value: unknown = new Function(body)();
	return remark.startsWith('in lb and in')
		? (value as number) * (FROM_INCH[line.result.dim] as number)
		: (value as number);
}
