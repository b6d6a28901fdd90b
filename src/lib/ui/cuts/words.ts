import type { CutGroup } from '$core/cutting/cut-plan';

/** What one of a group's boards is called, in the number there are. */
export function boardWord(group: Pick<CutGroup, 'kind' | 'strip' | 'boards'>): string {
	const one = group.kind === 'dowel' ? 'dowel' : group.strip === null ? 'board' : 'strip';
	return group.boards.length === 1 ? one : `${one}s`;
}
