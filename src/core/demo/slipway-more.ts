import type { Plan } from '../plan/types';
import benchEnd from './bench-end.json';
import fittingOut from './fitting-out-wall.json';
import lumber from './lumber-wall.json';
import store from './store-wall.json';
import toolCart from './tool-cart.json';

/**
 * More surfaces of the Slipway workshop, so that every thing of its stock-take has a place and every carrier is met:
 * a wall of rows, one of bare studs that all is screwed to, the side of a tool cart, the end of a bench, and a wall for
 * lumber and bicycles. Documents
 * as they were kept; a test reads them as what comes from outside.
 */
const MORE = [fittingOut, store, toolCart, benchEnd, lumber];

/** Fresh copies of them. @example moreWalls().map((w) => w.name) */
export const moreWalls = (): Plan[] => structuredClone(MORE) as unknown as Plan[];
