import type { Millimetres } from '../units/quantity';
import type { Aim } from './aim';
import type { Solver } from './solver';

/** What all work on one cut plan leans on. */
export interface Working {
	kerf: Millimetres;
	/** What is to be least. */
	aim: Aim;
	/** Sheets are ripped into strips first, each then cut to length. */
	inStrips: boolean;
	/** What the shop calls its money. */
	currency: string;
	/** An integer solver. */
	solve: Solver;
	/** Seconds left for this group; 0 or less gives the first answer. */
	secondsLeft: () => number;
	/** The same numbers every time, so that the same plan gives the same cuts. */
	random: () => number;
}
