import { shapeOf } from '../form/schema-of';
import { CUTTING, PLAN } from './plan-fields';
import { WALL } from './wall-fields';

/** Schemas of the document and of what commands change whole, made from its fields. */
export const planSchema = shapeOf(PLAN);
export const wallSchema = shapeOf(WALL);
export const cuttingSchema = shapeOf(CUTTING);
