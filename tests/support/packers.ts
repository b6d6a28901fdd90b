import { BestAreaFit, BestLongSideFit, BestShortSideFit, BottomLeft, pack2D } from 'binpackingjs/2d';
import { MaxRectsPacker, PACKING_LOGIC } from 'maxrects-packer/dist/maxrects-packer.mjs';
import type { SheetProblem } from '$core/cutting/sheets/problem';

/**
 * Sheets by the better of two packing libraries, which lay rectangles anywhere and need not cut right through: the best
 * of their heuristics, the largest piece by area first, with the same kerf.
 */
export function packedSheets({ pieces, stocks, kerf }: SheetProblem): number {
	const { length, width } = stocks[0] as SheetProblem['stocks'][number];
	const sorted = pieces
		.flatMap((p) => Array.from({ length: p.count }, () => p))
		.sort((a, b) => b.length * b.width - a.length * a.width);
	const byRectangles = [PACKING_LOGIC.MAX_AREA, PACKING_LOGIC.MAX_EDGE].map((logic) => {
		const packer = new MaxRectsPacker(length, width, kerf, {
			smart: false,
			pot: false,
			square: false,
			allowRotation: true,
			border: 0,
			logic
		});
		for (const p of sorted)
			packer.add({ x: 0, y: 0, width: p.length, height: p.width, allowRotation: p.turn } as never);
		return packer.bins.length;
	});
	const byFit = [new BestAreaFit(), new BestLongSideFit(), new BestShortSideFit(), new BottomLeft()].map(
		(heuristic) => {
			const { packedBins } = pack2D({
				// A kerf beside every piece, and room for the last one.
				bins: sorted.slice(0, 60).map(() => ({ width: length + kerf, height: width + kerf })),
				boxes: sorted.map((p) => ({ width: p.length + kerf, height: p.width + kerf, constrainRotation: !p.turn })),
				heuristic
			});
			return packedBins.filter((b) => b.boxes.length > 0).length;
		}
	);
	return Math.min(...byRectangles, ...byFit);
}
