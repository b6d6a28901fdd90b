/**
 * The item at a place of a list where there must be one. Where there is none the program is wrong, and says so: a
 * figure that is not there must never get into a sum.
 * Not for inner loops: one place that reads lists of every kind cannot be made fast, and doubled the time of a check.
 * @throws RangeError naming the place
 * @example nth([40, 50], 1) // 50
 */
export function nth<T>(list: ArrayLike<T>, place: number): T {
	if (!(place >= 0 && place < list.length)) throw new RangeError(`Nothing at ${place} of ${list.length}`);
	return list[place] as T;
}

/** The last of a list that has one. @throws RangeError where it is empty @example lastOf([40, 50]) // 50 */
export const lastOf = <T>(list: ArrayLike<T>): T => nth(list, list.length - 1);
