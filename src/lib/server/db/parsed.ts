import { upToDate } from '$core/plan/migrate';
import type { Plan } from '$core/plan/types';

/** A JSON column's value: MariaDB keeps JSON as text and its driver gives it back as text. */
export const parsed = <T>(value: unknown): T => (typeof value === 'string' ? JSON.parse(value) : value) as T;

/** A stored wall, brought up to date: rows of older versions stay as they are until somebody changes them. */
export const parsedPlan = (value: unknown): Plan => upToDate(parsed(value)) as Plan;
