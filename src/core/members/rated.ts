import { count, newtons, phrase } from '../units/phrase';
import type { Newtons } from '../units/quantity';
import { GRAB } from '../verdict/grab';
import { defineMember } from './member';

/** A bought part: what its maker lets it carry decides, and nothing else. */
export interface RatedData {
	kind: 'rated-part';
	/** 'bracket'. */
	name: string;
	/** What the maker says one carries; null while nobody knows, and then it is asked for. */
	rated: Newtons | null;
}

/** Its data. */
export const ratedOf = (data: Omit<RatedData, 'kind'>): RatedData => ({ kind: 'rated-part', ...data });

export const ratedMember = defineMember<RatedData>({
	kind: 'rated-part',
	measure: (_, loads) => loads.reduce((sum, l) => sum + l.weight, 0),
	steps(d, loads) {
		const W = loads.reduce((sum, l) => sum + l.weight, 0);
		if (W === 0) return [];
		return [
			{
				key: d.name,
				title: d.name,
				source: 'its maker',
				reason:
					d.rated === null
						? phrase(`nobody has said what one ${d.name} carries: ask its maker`)
						: phrase(`the ${d.name}, by its maker's word`),
				demand: newtons(W),
				capacity: newtons(d.rated ?? Number.NaN),
				lines: () => [
					{
						label: 'takes',
						sum: phrase('{n} things, its share of each', { n: count(loads.length) }),
						result: newtons(W)
					}
				]
			}
		];
	},
	grab: (d) =>
		d.rated === null
			? []
			: [
					{
						key: d.name,
						title: `grab: ${d.name}`,
						basis: 'grab',
						source: 'ASTM F2057 load; its maker',
						reason: phrase(`somebody hangs on the ${d.name}`),
						demand: newtons(GRAB),
						capacity: newtons(d.rated),
						lines: () => [{ label: 'takes', sum: phrase('all of a grab'), result: newtons(GRAB) }]
					}
				]
});
