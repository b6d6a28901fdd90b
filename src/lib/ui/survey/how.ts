import { HOW_WORDS } from '$core/survey/record';
import type { How } from '$core/plan/types';

/** Said of studs alone. */
const PROOFS: readonly How[] = ['pilot', 'screw-line', 'pitch', 'scanner'];
/** Ways a stud is found, to choose from. */
export const STUD_HOWS = (Object.keys(HOW_WORDS) as How[]).map((value) => ({ value, name: HOW_WORDS[value] }));
/** Those of a fact of the wall. */
export const HOWS = STUD_HOWS.filter((h) => !PROOFS.includes(h.value));
/** Those of a thing in the way: a pipe or a cable in the wall is scanned. */
export const THING_HOWS = STUD_HOWS.filter((h) => h.value === 'scanner' || !PROOFS.includes(h.value));
