/** Greatest numbers of things in one survey: beyond any wall, and a bound on what a request can cost. */
export const SURVEY_LIMITS = {
	studs: 200,
	obstructions: 200,
	ledges: 20,
	blocking: 100,
	zones: 50,
	pilots: 500,
	layers: 5,
	marks: 40
} as const;
/** A wall is a wall, not a street. */
export const WALL_LIMITS = { minWidth: 200, maxWidth: 30_000, minHeight: 300, maxHeight: 6_000 } as const;

/** Greatest numbers of things in one plan: beyond any wall, and a bound on what a request can cost. */
export const LIMITS = {
	...SURVEY_LIMITS,
	rows: 100,
	holders: 5000,
	joints: 100,
	screws: 60,
	carriers: 24,
	/** Of a carrier: one for each level of a rack. */
	loads: 16,
	/** Proof loads written down of one holder. */
	tests: 40,
	things: 20_000
} as const;
