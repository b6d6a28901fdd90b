/** The order of work. A stage stands here once it does something. */
export const STAGES = [
	{ id: 'stock', title: 'Stock-take' },
	{ id: 'wall', title: 'Wall' },
	{ id: 'rows', title: 'Rows' },
	{ id: 'holders', title: 'Holders' },
	{ id: 'holds', title: 'Holds?' },
	{ id: 'cut', title: 'Cut and buy' }
] as const;

export type StageId = (typeof STAGES)[number]['id'];
