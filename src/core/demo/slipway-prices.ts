import { screwDiameter, type ScrewSize } from '../materials/screws';
import { newPrice, rodMaterial, type Price, type Sold } from '../prices/price';
import type { Millimetres } from '../units/quantity';

/** Where the Slipway workshop buys: both invented, and so is every price. */
const YARD = 'timber yard';
const TOWN = 'hardware store in town';

type Figures = Partial<Omit<Price, 'id' | 'sold'>>;
const asked = (date: string, store: string, sold: Sold, figures: Figures) => ({ sold, date, store, ...figures });
const yard = (sold: Sold, figures: Figures) => asked('2026-10-12', YARD, sold, { taxed: false, ...figures });
const town = (sold: Sold, figures: Figures) => asked('2026-11-03', TOWN, sold, figures);

const ply = (thickness: Millimetres, [width, length]: readonly [number, number], price: number | null) =>
	yard('sheet', { material: 'ply', thickness, width, length, price });
const FULL = [1220, 2440] as const;
const HALF = [1220, 1220] as const;
const QUARTER = [610, 1220] as const;

/** Strength-graded spruce by the metre. */
const graded = (thickness: Millimetres, width: Millimetres, price: number) =>
	[2400, 3000, 4200].map((length) =>
		yard('board', { name: 'Spruce C16', material: 'spruce', thickness, width, length, per: 'metre', price })
	);

const dowel = (width: Millimetres, price: number | null) => town('dowel', { width, length: 1000, price });
const screws = (size: ScrewSize, length: Millimetres, pack: number, price: number) =>
	town('screw', { width: screwDiameter(size), length, pack, price });

/** Prices as they were last asked, some of them not at all. */
export const slipwayPrices: Price[] = [
	ply(18, FULL, 58),
	ply(18, HALF, 33),
	ply(18, QUARTER, 18.5),
	ply(9, FULL, 34),
	ply(24, FULL, 79),
	ply(6, FULL, null),
	...graded(44, 44, 1.35),
	...graded(44, 69, 2.05),
	...graded(44, 94, 2.7),
	dowel(10, 1.4),
	dowel(12, null),
	dowel(16, 2.6),
	dowel(20, 3.4),
	dowel(25, 4.9),
	town('rod', { material: rodMaterial('conduit'), width: 23.42, thickness: 1.24, length: 3000, price: 11.5 }),
	screws('#8', 32, 100, 4.2),
	screws('#8', 32, 500, 15.9),
	screws('#8', 45, 100, 5.1),
	screws('#8', 50, 100, 5.6),
	screws('#10', 70, 50, 5.2),
	screws('#10', 80, 50, 6.4),
	screws('#10', 80, 200, 21.5),
	town('plug', { width: 8, length: 50, pack: 50, price: 7.9 }),
	town('part', { name: 'brads', length: 32, pack: 250, price: 3.1 }),
	town('glue', { name: 'Wood glue', pack: 0.75, price: 8.9 }),
	town('finish', { name: 'Hard oil', pack: 1, price: 27 }),
	town('finish', { name: 'Hard oil', pack: 2.5, price: 58 }),
	town('strap', { material: rodMaterial('steel'), width: 30, thickness: 4, length: 2000, price: 6.8 })
].map((figures, i) => ({ ...newPrice(`pr${i + 1}`, figures.sold), material: null, ...figures }));
