/** What the core asks of an integer solver: a programme in LP format in, columns and duals out. HiGHS fits as it is. */
export type Solver = (
	lp: string,
	options: { time_limit: number; output_flag: false }
) => {
	Status: string;
	ObjectiveValue: number;
	Columns: Record<string, { Primal?: number }>;
	Rows: { Name?: string; Dual?: number }[];
};
