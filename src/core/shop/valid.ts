import { fitsOf } from '../form/fits';
import { problemsOf } from '../form/problems';
import type { Problem } from '../result';
import { patternProblems } from '../patterns/read';
import { ITEM_SCHEMAS } from './schema';
import type { ShopList } from './types';

/** Is this item right? @example isValidItem('things', {}) // false */
export const isValidItem = (list: ShopList, item: unknown): boolean => fitsOf(ITEM_SCHEMAS[list])(item);

/** What is wrong with an item, by field; nothing where it is right. */
export const itemProblems = (list: ShopList, item: unknown): Problem[] =>
	list === 'patterns' ? patternProblems(item) : problemsOf(ITEM_SCHEMAS[list], item);
