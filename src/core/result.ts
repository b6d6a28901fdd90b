/** What a person can get wrong comes back as a value, never as an exception. */
export type Result<T, E = string> = { ok: true; value: T } | { ok: false; error: E };

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value });
export const fail = <E>(error: E): Result<never, E> => ({ ok: false, error });

/** One thing wrong in a document: where (a path like `rows[2].y`) and what, in plain words. */
export interface Problem {
	path: string;
	message: string;
}
