import type { ObjectSchema } from 'yup';
import type { Fields } from '../form/field';
import { shapeOf } from '../form/schema-of';
import { LIMITS } from './limits';
import { HOLDER, ROW } from './plan-fields';
import type { Blocking, Holder, Ledge, Obstruction, Pilot, Plan, Row, Stud, Zone } from './types';
import { BLOCKING, LEDGE, OBSTRUCTION, PILOT, STUD, ZONE } from './wall-fields';

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
	of(plan: Plan): T[];
}

const kind = <T>(word: string, fields: Fields, most: number, of: (plan: Plan) => T[]): ListKind<T> => ({
	word,
	schema: shapeOf(fields),
	most,
	of
});

export const LISTS: { [K in ListName]: ListKind<Lists[K]> } = {
	studs: kind('stud', STUD, LIMITS.studs, (p) => p.wall.studs),
	obstructions: kind('obstruction', OBSTRUCTION, LIMITS.obstructions, (p) => p.wall.obstructions),
	ledges: kind('ledge', LEDGE, LIMITS.ledges, (p) => p.wall.ledges ?? []),
	blocking: kind('blocking', BLOCKING, LIMITS.blocking, (p) => p.wall.blocking ?? []),
	zones: kind('zone', ZONE, LIMITS.zones, (p) => p.wall.zones ?? []),
	pilots: kind('pilot hole', PILOT, LIMITS.pilots, (p) => p.wall.pilots ?? []),
	rows: kind('row', ROW, LIMITS.rows, (p) => p.rows),
	holders: kind('holder', HOLDER, LIMITS.holders, (p) => p.holders)
};

/** Path of a list in the document, as problems name it. @example listPath('studs') // 'wall.studs' */
export function listPath(list: ListName): string {
	return list === 'rows' || list === 'holders' ? list : `wall.${list}`;
}
