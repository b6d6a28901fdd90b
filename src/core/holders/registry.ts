import { pegRack } from './peg-rack/family';

/** Every kind of holder, by its name in the plan. A new family is one folder and one line here. */
export const families = { 'peg-rack': pegRack } as const;
