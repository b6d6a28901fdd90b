/** A plug for solid masonry. What it holds depends on its maker and on the wall: there is no general value. */
export interface Plug {
	id: '8' | '10';
	title: string;
	/** Screws it takes, mm. */
	screws: [number, number];
	source: string;
}

export const PLUGS: readonly Plug[] = [
	{ id: '8', title: '8 mm plug', screws: [4.5, 6], source: 'range of screws commonly printed on the packet' },
	{ id: '10', title: '10 mm plug', screws: [6, 8], source: 'range of screws commonly printed on the packet' }
];
