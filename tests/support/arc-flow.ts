import loadGlpk from 'glpk.js/node';

/**
 * The fewest boards by an exact programme without patterns: boards are paths through the places where a cut can be,
 * and arcs are pieces (Valério de Carvalho 1999); solved by GLPK.
 * @param sizes of the pieces in whole steps, each with its kerf
 * @param board in whole steps, with one kerf
 */
export async function fewestByArcFlow(
	sizes: readonly number[],
	board: number,
	seconds: number
): Promise<number | null> {
	const glpk = await loadGlpk();
	const demand = new Map<number, number>();
	for (const s of sizes) demand.set(s, (demand.get(s) ?? 0) + 1);
	// Longest first on every board: an arc only starts where longer pieces, or none, can end.
	const kinds = [...demand.keys()].sort((a, b) => b - a);
	const reached = new Set([0]);
	const arcs: { from: number; to: number; size: number }[] = [];
	for (const size of kinds) {
		const starts = [...reached];
		for (const start of starts) {
			for (let n = 0, at = start; n < demand.get(size)! && at + size <= board; n++, at += size) {
				if (!arcs.some((a) => a.from === at && a.size === size)) arcs.push({ from: at, to: at + size, size });
				reached.add(at + size);
			}
		}
	}
	const nodes = [...reached].sort((a, b) => a - b);
	for (const [i, n] of nodes.entries()) if (i > 0) arcs.push({ from: n, to: nodes[i + 1] ?? board + 1, size: 0 });
	const vars = arcs.map((_, i) => `a${i}`);
	const into = new Map<number, { name: string; coef: number }[]>();
	const note = (node: number, name: string, coef: number) =>
		void into.set(node, [...(into.get(node) ?? []), { name, coef }]);
	for (const [i, a] of arcs.entries()) {
		note(a.from, `a${i}`, -1);
		note(a.to, `a${i}`, 1);
	}
	const subjectTo: object[] = nodes.slice(1).map((n) => ({
		name: `n${n}`,
		vars: into.get(n),
		bnds: { type: glpk.GLP_FX, lb: 0, ub: 0 }
	}));
	for (const [size, count] of demand)
		subjectTo.push({
			name: `d${size}`,
			vars: arcs.flatMap((a, i) => (a.size === size ? [{ name: `a${i}`, coef: 1 }] : [])),
			bnds: { type: glpk.GLP_LO, lb: count, ub: 0 }
		});
	const objective = {
		direction: glpk.GLP_MIN,
		name: 'boards',
		vars: arcs.flatMap((a, i) => (a.from === 0 ? [{ name: `a${i}`, coef: 1 }] : []))
	};
	const { result } = await glpk.solve(
		{ name: 'boards', objective, subjectTo, generals: vars } as unknown as Parameters<typeof glpk.solve>[0],
		{ msglev: glpk.GLP_MSG_OFF, presol: true, tmlim: seconds }
	);
	return result.status === glpk.GLP_OPT ? Math.round(result.z) : null;
}
