/** The parts of the package used here; it brings no types of its own. */
declare module 'dxf' {
	interface At {
		x: number;
		y: number;
	}
	/** One entity: which fields it has depends on its type. Angles of arcs in radians, of inserts in degrees. */
	export interface DxfEntity {
		type: string;
		layer?: string;
		start?: At;
		end?: At;
		vertices?: (At & { bulge?: number })[];
		closed?: boolean;
		x?: number;
		y?: number;
		r?: number;
		startAngle?: number;
		endAngle?: number;
		block?: string;
		scaleX?: number;
		scaleY?: number;
		rotation?: number;
	}
	export interface DxfFile {
		header?: { insUnits?: number };
		blocks: { name: string; x?: number; y?: number; entities?: DxfEntity[] }[];
		entities: DxfEntity[];
	}
	export function parseString(text: string): DxfFile;
}
