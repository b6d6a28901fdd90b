/** A text with its first letter large, as at the head of a line. @example capital('pilot hole') // 'Pilot hole' */
export function capital(text: string): string {
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/**
 * Choices of a list, from what the values are called in running text.
 * @example choicesOf({ a: 'a wall' }) // [{ value: 'a', name: 'A wall' }]
 */
export function choicesOf<K extends string>(words: Readonly<Record<K, string>>): { value: K; name: string }[] {
	return (Object.entries(words) as [K, string][]).map(([value, name]) => ({ value, name: capital(name) }));
}
