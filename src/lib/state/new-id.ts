import { customAlphabet } from 'nanoid';

/** A fresh id for a thing in a plan: short, plain letters. */
export const newId = customAlphabet('23456789abcdefghjkmnpqrstuvwxyz', 8);
