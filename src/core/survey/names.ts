import type { Obstruction, ObstructionKind } from '../plan/types';

/** What an obstruction is, in words. */
export const OBSTRUCTION_WORDS: Record<ObstructionKind, string> = {
	window: 'window',
	door: 'door',
	outlet: 'outlet',
	switch: 'switch',
	'service-panel': 'service panel',
	pipe: 'pipe',
	cable: 'cable',
	'overhead-door': 'overhead door',
	rail: 'door rail',
	opener: 'door opener',
	radiator: 'radiator',
	light: 'light',
	car: 'car',
	stairs: 'stairs',
	bench: 'bench',
	machine: 'machine',
	other: 'obstruction'
};

/** Its name, or what it is. @example nameOf({ name: '', kind: 'pipe' }) // 'pipe' */
export const nameOf = (o: Pick<Obstruction, 'name' | 'kind'>): string => o.name || OBSTRUCTION_WORDS[o.kind];
