export const DAY_WORDS = 'must be a day, as 2026-11-28';

/**
 * Is this a day of the calendar, or nothing?
 * @example isDay('2026-02-30') // false
 */
export function isDay(text: string): boolean {
	if (text === '') return true;
	if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
	const day = new Date(`${text}T00:00:00Z`);
	return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}
