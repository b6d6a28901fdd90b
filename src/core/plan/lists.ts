import type { ObjectSchema } from 'yup';
import { holderSchema, LIMITS, rowSchema } from './schema';
import type { Blocking, Holder, Ledge, Obstruction, Pilot, Plan, Row, Stud, Zone } from './types';
import { blockingSchema, ledgeSchema, obstructionSchema, pilotSchema, studSchema, zoneSchema } from './wall-schema';

/** Everything a plan has several of. */
export interface Lists {
	studs: Stud;
	obstructions: Obstruction;
	ledges: Ledge;
	blocking: Blocking;
	zones: Zone;
	pilots: Pilot;
	rows: Row;
	holders: Holder;
}
export type ListName = keyof Lists;

interface ListKind<T> {
	/** One of them, in words. */
	word: string;
	schema: ObjectSchema<Record<string, unknown>>;
	most: number;
	of(plan: Plan): readonly T[];
}

const kind = <T>(word: string, schema: unknown, most: number, of: (plan: Plan) => readonly T[]): ListKind<T> => ({
	word,
	schema: schema as ObjectSchema<Record<string, unknown>>,
	most,
	of
});

export const LISTS: { [K in ListName]: ListKind<Lists[K]> } = {
	studs: kind('stud', studSchema, LIMITS.studs, (p) => p.wall.studs),
	obstructions: kind('obstruction', obstructionSchema, LIMITS.obstructions, (p) => p.wall.obstructions),
	ledges: kind('ledge', ledgeSchema, LIMITS.ledges, (p) => p.wall.ledges ?? []),
	blocking: kind('blocking', blockingSchema, LIMITS.blocking, (p) => p.wall.blocking ?? []),
	zones: kind('zone', zoneSchema, LIMITS.zones, (p) => p.wall.zones ?? []),
	pilots: kind('pilot hole', pilotSchema, LIMITS.pilots, (p) => p.wall.pilots ?? []),
	rows: kind('row', rowSchema, LIMITS.rows, (p) => p.rows),
	holders: kind('holder', holderSchema, LIMITS.holders, (p) => p.holders)
};

/** Path of a list in the document, as problems name it. @example listPath('studs') // 'wall.studs' */
export function listPath(list: ListName): string {
	return list === 'rows' || list === 'holders' ? list : `wall.${list}`;
}
