import { singular } from './typical/find';

/** Words of a name, single and in order, so that "Tapes, masking" and "masking tape" are the same. */
export function nameKey(name: string): string {
	return name
		.toLowerCase()
		.normalize('NFKD')
		.replace(/[^a-z0-9]+/g, ' ')
		.trim()
		.split(' ')
		.map(singular)
		.sort()
		.join(' ');
}

/**
 * What is owned already under the same name, whatever the order or number of its words.
 * @example ownedLike([{ name: 'Masking tape', count: 5 }], 'tapes, masking')?.count // 5
 */
export function ownedLike<T extends { name: string }>(items: readonly T[], name: string): T | undefined {
	const key = nameKey(name);
	return key === '' ? undefined : items.find((i) => nameKey(i.name) === key);
}
