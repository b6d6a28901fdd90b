import type { Millimetres } from '../units/quantity';

/**
 * Heights of the standing body, as shares of stature. Source: Drillis and Contini, Body Segment Parameters, 1966, from
 * memory.
 */
export const BODY = { fingertip: 0.377, wrist: 0.485, elbow: 0.63, shoulder: 0.818, eye: 0.936 } as const;
/** Upper arm, forearm and half the hand: shoulder to grip. The same source. */
const ARM_TO_GRIP = 0.186 + 0.146 + 0.108 / 2;

export type ReachBand = 'stoop' | 'low' | 'prime' | 'high' | 'step';

/** Words for a band. */
export const REACH_WORDS: Record<ReachBand, string> = {
	stoop: 'below the fingertips: stoop for it',
	low: 'low: bend a little',
	prime: 'prime: between wrist and eye',
	high: 'above the eye, within reach',
	step: 'out of flat-footed reach: it takes a step'
};

/** Heights between which the bands lie, mm. */
export interface Reach {
	fingertip: Millimetres;
	wrist: Millimetres;
	eye: Millimetres;
	/** Highest grip with both feet flat, for something at the body. */
	top: Millimetres;
}

/** Reach of a person of this stature. @example reachOf(1750).eye // 1638 */
export function reachOf(stature: Millimetres): Reach {
	return {
		fingertip: BODY.fingertip * stature,
		wrist: BODY.wrist * stature,
		eye: BODY.eye * stature,
		top: (BODY.shoulder + ARM_TO_GRIP) * stature
	};
}

/**
 * The band a seat lies in.
 * @param out how far in front of the shoulder it is held: the arm then reaches less high
 * @example reachBand(1200, 0, 1750) // 'prime'
 */
export function reachBand(height: Millimetres, out: Millimetres, stature: Millimetres): ReachBand {
	const r = reachOf(stature);
	const arm = ARM_TO_GRIP * stature;
	const top = BODY.shoulder * stature + Math.sqrt(Math.max(0, arm ** 2 - out ** 2));
	if (height > top || out > arm) return 'step';
	if (height > r.eye) return 'high';
	if (height >= r.wrist) return 'prime';
	return height >= r.fingertip ? 'low' : 'stoop';
}
