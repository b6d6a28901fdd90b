/** Stands on everything that says whether a wall holds. */
export const STANDING_NOTE =
	"Allowable values, not breaking loads. Engineers, makers' data and local codes have the last word.";
