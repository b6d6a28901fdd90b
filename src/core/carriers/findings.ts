import type { Found } from './carrier';

/**
 * What a kind finds wrong with its own figures, gathered one by one.
 * @example const { found, say } = findings(); say('stop', 'slot', phrase('no finger is left'))
 */
export function findings() {
	const found: Found[] = [];
	const say = (level: Found['level'], field: string, message: Found['message']) =>
		found.push({ level, field, message });
	return { found, say };
}
