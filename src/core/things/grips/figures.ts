import { mm, phrase } from '../../units/phrase';
import type { DimName } from './dims';
import type { Decision, Dims } from './grip';

/** A figure that follows from one dimension and an allowance: nothing while it is not measured. */
export function plus(label: string, dims: Dims, name: DimName, allowance: number): Decision[] {
	const a = dims[name];
	if (a === undefined) return [];
	const sign = allowance < 0 ? '-' : '+';
	return [{ label, sum: phrase(`{a} ${sign} {b}`, { a: mm(a), b: mm(Math.abs(allowance)) }), value: a + allowance }];
}

/** What stands against a grip when one dimension is not smaller than another. */
export function mustBeSmaller(label: string, dims: Dims, small: DimName, large: DimName, why: string): Decision[] {
	const [s, l] = [dims[small], dims[large]];
	return s !== undefined && l !== undefined && s >= l ? [{ label, fault: phrase(why, { s: mm(s), l: mm(l) }) }] : [];
}
