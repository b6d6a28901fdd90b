import type {
	Back,
	FixedMount,
	Holder,
	Mount,
	OwnMount,
	RackMount,
	RowEndMount,
	RowHookMount,
	RowMount,
	RowTopMount
} from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { fixedBehind } from './fixed/behind';
import type { Behind, Held, ScrewCount } from './held';
import { rowBehind } from './row/behind';

/** A way to hold a back, as far as the document goes: what it hangs on, where that is, how it is moved. */
interface MountKind<M extends Mount> {
	title: string;
	/** What it hangs on by its id, and goes with. */
	refers(m: M): string | null;
	moved(m: M, dx: Millimetres, dy: Millimetres): M;
	screws(m: M): ScrewCount[];
}

const MOUNTS: { [K in Mount['kind']]: MountKind<Extract<Mount, { kind: K }>> } = {
	row: {
		title: 'Hung on a row',
		refers: (m: RowMount) => m.row,
		moved: (m: RowMount, dx) => ({ ...m, x: m.x + dx }),
		screws: ({ strips: { hook, secondHook, lockStrip, eitherEnd } }: RowMount) => [
			{
				...hook.screws,
				count: hook.screws.count * (1 + [secondHook, lockStrip === 'screwed', eitherEnd].filter(Boolean).length)
			}
		]
	},
	fixed: {
		title: 'Screwed to the wall',
		refers: () => null,
		moved: (m: FixedMount, dx, dy) => ({ ...m, x: m.x + dx, y: m.y + dy }),
		screws: (m: FixedMount) => [{ ...m.screws, count: m.places.length }]
	},
	own: {
		title: 'By itself on the wall',
		refers: () => null,
		moved: (m: OwnMount, dx, dy) => ({ ...m, x: m.x + dx, y: m.y + dy }),
		screws: () => []
	},
	'row-end': {
		title: 'On the end of a row',
		refers: (m: RowEndMount) => m.row,
		moved: (m: RowEndMount) => m,
		screws: () => []
	},
	'row-hook': {
		title: 'Hung on a row',
		refers: (m: RowHookMount) => m.row,
		moved: (m: RowHookMount, dx) => ({ ...m, x: m.x + dx }),
		screws: () => []
	},
	'row-top': {
		title: 'On the sheet behind a row',
		refers: (m: RowTopMount) => m.row,
		moved: (m: RowTopMount, dx) => ({ ...m, x: m.x + dx }),
		screws: () => []
	}
};

const kindOf = (m: Mount): MountKind<Mount> => MOUNTS[m.kind] as unknown as MountKind<Mount>;

const named = <K extends Mount['kind']>(kinds: readonly K[]) =>
	kinds.map((value) => ({ value, name: MOUNTS[value].title }));

/** Ways to hold a back, to choose from. */
export const MOUNT_KINDS = named(['row', 'fixed']);

/** Ways to hold a rack, of those that its kind knows. @example rackMounts(['own'])[0]?.name */
export const rackMounts = (held: readonly RackMount['kind'][]) => named(held);

/** What a holder hangs on by its id; null where it hangs on nothing that may be taken away. @example rowOf(holder) */
export const refersTo = ({ mount }: Pick<Holder, 'mount'>): string | null => kindOf(mount).refers(mount);

/** A mount moved along its wall, and up it where it may be. */
export const movedMount = (m: Mount, dx: Millimetres, dy: Millimetres): Mount => kindOf(m).moved(m, dx, dy);

/**
 * Screws it takes to hold a back, or to make its hooks; a rack's are parts of its own.
 * @example mountScrews(holder.mount)[0]?.count
 */
export const mountScrews = (m: Mount): ScrewCount[] => kindOf(m).screws(m);

/** What a back has behind it. */
export const behind = (back: Back, held: Held): Behind =>
	held.kind === 'row' ? rowBehind(back, held) : fixedBehind(back, held);
