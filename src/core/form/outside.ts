import type { Problem } from '../result';
import { HALF, HALF_WORDS } from './whole-text';

/** Larger texts are refused unread. */
export const MOST_BYTES = 8 * 1024 * 1024;
/** A plan is seven levels deep; anything much deeper is none of our documents. */
const MOST_DEPTH = 20;
/**
 * The largest wall, with every list full, has some 270,000 values; the largest stock-take, or change to one, three
 * times as many.
 */
export const MOST_VALUES = { plan: 300_000, shop: 1_000_000, small: 20_000 } as const;
/** Names that every object answers to: a value under one of them would answer in their place. */
const FORBIDDEN = new Set([...Object.getOwnPropertyNames(Object.prototype), 'prototype', 'toJSON', 'then']);

const TOO_DEEP = `is nested more than ${MOST_DEPTH} levels deep`;
const TOO_MANY = 'has more values than any document of ours';

const QUOTE = 0x22;
const ESCAPE = 0x5c;
/** What a byte of JSON outside its texts means here. */
const MEANS = new Uint8Array(256);
const [TEXT, NEXT, OPENS, CLOSES] = [1, 2, 3, 4] as const;
for (const [byte, meaning] of [
	[QUOTE, TEXT],
	[0x2c, NEXT],
	[0x5b, OPENS],
	[0x7b, OPENS],
	[0x5d, CLOSES],
	[0x7d, CLOSES]
] as const)
	MEANS[byte] = meaning;

/** Where a text that begins after `from` ends. */
function endOfText(bytes: Uint8Array, from: number): number {
	for (let at = bytes.indexOf(QUOTE, from); at >= 0; at = bytes.indexOf(QUOTE, at + 1)) {
		let escapes = 0;
		while (bytes[at - 1 - escapes] === ESCAPE) escapes++;
		if (escapes % 2 === 0) return at;
	}
	return bytes.length;
}

/** Does nothing stand between this bracket and the next? */
function isEmpty(bytes: Uint8Array, open: number): boolean {
	let next = open + 1;
	while ((bytes[next] ?? 0xff) <= 0x20) next++;
	return MEANS[bytes[next] ?? 0] === CLOSES;
}

/**
 * Looks through JSON before it is taken apart, which costs far more than its text: how deep it is nested, and how many
 * values it has.
 * @param text as bytes of UTF-8, or as text
 * @param most values within the document
 * @returns what is too much, or null; whether it is JSON at all is not asked
 * @example tooMuch('[[0,0],[0,0]]', 3) // { path: '', message: '…' }
 */
export function tooMuch(text: Uint8Array | string, most: number): Problem | null {
	const bytes = typeof text === 'string' ? new TextEncoder().encode(text) : text;
	let [depth, values] = [0, 0];
	for (let i = 0; i < bytes.length; i++) {
		switch (MEANS[bytes[i] as number]) {
			case TEXT:
				i = endOfText(bytes, i + 1);
				break;
			case NEXT:
				values++;
				break;
			case OPENS:
				if (!isEmpty(bytes, i)) values++;
				depth++;
				if (depth > MOST_DEPTH) return { path: '', message: TOO_DEEP };
				break;
			case CLOSES:
				depth--;
		}
		if (values > most) return { path: '', message: TOO_MANY };
	}
	return null;
}

type Found = { keys: (string | number)[]; message: string };
interface Open {
	value: object;
	keys: (string | number)[] | string[];
	next: number;
}

/** Goes through a value depth first, with one list a level and none an entry, and says what it stops at. */
function search(value: unknown): Found | null {
	const open: Open[] = [];
	const here = () => open.map((o) => (Array.isArray(o.value) ? o.next - 1 : (o.keys[o.next - 1] as string)));
	let left: number = MOST_VALUES.shop;
	const look = (v: unknown): string | null => {
		if (typeof v === 'string') return v.isWellFormed() ? null : HALF_WORDS;
		if (typeof v !== 'object' || v === null) return null;
		if (open.length > MOST_DEPTH) return TOO_DEEP;
		const keys = Array.isArray(v) ? [] : Object.keys(v);
		left -= Array.isArray(v) ? v.length : keys.length;
		if (left < 0) return TOO_MANY;
		open.push({ value: v, keys, next: 0 });
		return null;
	};
	const first = look(value);
	if (first) return { keys: [], message: first };
	for (let top = open.at(-1); top; top = open.at(-1)) {
		const list = Array.isArray(top.value) ? (top.value as unknown[]) : null;
		if (top.next >= (list ?? top.keys).length) {
			open.pop();
			continue;
		}
		const key = list ? top.next : (top.keys[top.next] as string);
		top.next++;
		if (typeof key === 'string') {
			if (FORBIDDEN.has(key)) return { keys: here(), message: 'is not a name a document may use' };
			if (!key.isWellFormed()) return { keys: here(), message: 'has half a character in its name' };
		}
		const depth = open.length;
		const bad = look((top.value as Record<string | number, unknown>)[key]);
		if (bad) return { keys: here().slice(0, depth), message: bad };
	}
	return null;
}

const LONGEST_PATH = 80;

/**
 * Walks any parsed JSON, without recursion, and finds what must not go further: too deep, too many values, names that
 * objects themselves answer to, text that is none.
 * @returns the first such thing with its path, or null
 * @example hostile({ holders: [{ toString: 1 }] }) // { path: 'holders[0].toString', message: '…' }
 */
export function hostile(value: unknown): Problem | null {
	const found = search(value);
	if (!found) return null;
	const path = found.keys.reduce<string>((p, k) => {
		if (typeof k === 'number') return `${p}[${k}]`;
		return p === '' ? k : `${p}.${k}`;
	}, '');
	return { path: path.replace(new RegExp(HALF, 'gu'), '?').slice(0, LONGEST_PATH), message: found.message };
}
