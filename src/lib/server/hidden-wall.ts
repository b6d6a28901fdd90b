import { fail, ok, type Result } from '$core/result';
import { inventWall, wallWithStuds, type HiddenWall } from '$devices/hidden-wall';

/** Studs that a wall is known to have, as `x:width:lean` with commas between. */
function studsIn(text: string): { x: number; width: number; lean: number }[] {
	return text
		.split(',')
		.filter(Boolean)
		.slice(0, 200)
		.map((s) => {
			const [x = Number.NaN, width = Number.NaN, lean = 0] = s.split(':').map(Number);
			return { x, width, lean };
		});
}

/**
 * The wall that the simulated scanner stands before: one with the studs that are named, else one that the seed invents.
 * Nobody is shown it.
 * @returns the name of the query's field that is wrong
 */
export function hiddenWall(query: URLSearchParams): Result<{ wall: HiddenWall; y: number; seed: number }> {
	const number = (name: string, otherwise = Number.NaN) => (query.has(name) ? Number(query.get(name)) : otherwise);
	const [width, height, y, seed] = [number('width'), number('height'), number('y'), number('seed', 1)];
	if (!(width >= 200 && width <= 30_000)) return fail('width');
	if (!(height >= 300 && height <= 6000)) return fail('height');
	if (!(y >= 0 && y <= height)) return fail('y');
	if (!Number.isFinite(seed)) return fail('seed');
	const studs = studsIn(query.get('studs') ?? '');
	if (studs.some((s) => !Number.isFinite(s.x + s.width + s.lean))) return fail('studs');
	return ok({
		wall: studs.length > 0 ? wallWithStuds(width, height, studs, seed) : inventWall(seed, width, height),
		y,
		seed
	});
}
