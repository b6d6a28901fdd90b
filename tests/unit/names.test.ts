import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { CARRIERS } from '$core/carriers/registry';
import { RACKS } from '$core/racks/registry';
import { MEMBER_KINDS } from '$core/members/registry';

/** A kind is declared in one file and a line of its registry: nothing else in the tree may ask for it by name. */
const SRC = fileURLToPath(new URL('../../src', import.meta.url));
const files = readdirSync(SRC, { recursive: true, withFileTypes: true })
	.filter((f) => f.isFile() && /\.(ts|svelte)$/.test(f.name) && !/\.test\.ts$/.test(f.name))
	.map((f) => join(f.parentPath, f.name));

/** The example is a document, and documents name kinds; what was one kind in version 1 is named when it is read. */
const DOCUMENTS = ['core/demo/slipway.ts', 'core/plan/migrate.ts'];

/** Without its comments: examples there name kinds. */
const codeOf = (file: string) => readFileSync(file, 'utf8').replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '');

const namers = (kind: string) =>
	files
		.filter((f) => new RegExp(`['"\`]${kind}['"\`]`).test(codeOf(f)))
		.map((f) => relative(SRC, f))
		.filter((f) => !DOCUMENTS.includes(f));

describe('a kind is named in its own file alone', () => {
	it.each(RACKS.map((c) => c.kind))('rack %s', (kind) => expect(namers(kind)).toEqual([`core/racks/${kind}.ts`]));

	it.each(CARRIERS.map((c) => c.kind))('carrier %s', (kind) =>
		expect(namers(kind)).toEqual([`core/carriers/${kind}.ts`])
	);

	it.each([...MEMBER_KINDS])('member %s', (kind) => {
		const found = namers(kind);
		expect(found).toHaveLength(1);
		expect(found[0]).toMatch(/^core\/members\//);
	});

	it('a way to hold a back, but for what the document is, who tells them apart, and those who make one', () => {
		const told = files
			.filter((f) => /\bmount\.kind\s*[!=]==?\s*['"]|kind: '(fixed|own|row-end|row-top)'/.test(codeOf(f)))
			.map((f) => relative(SRC, f));
		expect(told.filter((f) => !/^core\/(mounts|places)\//.test(f)).sort()).toEqual([
			'core/arrange/first-rack.ts',
			'core/plan/held.ts',
			'core/plan/types.ts'
		]);
	});

	it('in other words too: its folder, its file, and what it exports', () => {
		for (const { kind } of [...CARRIERS, ...RACKS]) {
			const importers = files.filter((f) => new RegExp(`(carriers|racks)/${kind}'`).test(readFileSync(f, 'utf8')));
			expect(
				importers.map((f) => relative(SRC, f)),
				kind
			).toEqual([]);
		}
	});
});
