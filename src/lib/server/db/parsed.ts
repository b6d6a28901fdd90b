/** A JSON column's value: MariaDB keeps JSON as text and its driver gives it back as text. */
export const parsed = <T>(value: unknown): T => (typeof value === 'string' ? JSON.parse(value) : value) as T;
