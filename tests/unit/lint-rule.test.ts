import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

/** The import rule is only a rule if breaking it is noticed. */
const eslint = new ESLint();
const complaints = async (path: string, code: string) =>
	(await eslint.lintText(code, { filePath: path }))[0]?.messages.map((m) => m.ruleId) ?? [];

describe('who may import whom', () => {
	it('keeps screens, the server and the clock out of the core', async () => {
		expect(
			await complaints('src/core/verdict/check.ts', "import { log } from '$lib/server/log';\nexport const x = log;")
		).toContain('no-restricted-imports');
		expect(
			await complaints(
				'src/core/verdict/check.ts',
				"import { log } from '../../lib/server/log';\nexport const x = log;"
			)
		).toContain('import-x/no-restricted-paths');
		expect(await complaints('src/core/verdict/check.ts', 'export const x = Date.now();')).toContain(
			'no-restricted-properties'
		);
		expect(await complaints('src/core/verdict/check.ts', 'export const x = () => document.title;')).toContain(
			'no-restricted-globals'
		);
	}, 60_000);

	it('keeps exchange off the screens, and screens off the server', async () => {
		expect(
			await complaints(
				'src/exchange/check-report.ts',
				"import { preferences } from '$lib/state/preferences.svelte';\nexport const x = preferences;"
			)
		).toContain('import-x/no-restricted-paths');
		expect(
			await complaints('src/lib/ui/say.ts', "import { log } from '$lib/server/log';\nexport const x = log;")
		).toContain('import-x/no-restricted-paths');
	}, 60_000);

	it('lets arrows between the rooms of the core run down only', async () => {
		const up = [
			['mechanics/statics/seat.ts', '../../members/rod', 'rodMember'],
			['solid/weigh.ts', '../holders/build', 'buildHolder'],
			['members/rod.ts', '../carriers/pegs', 'pegs'],
			['carriers/pegs.ts', '../checks/check-plan', 'checkPlan'],
			['holders/build.ts', '../checks/check-plan', 'checkPlan'],
			['survey/box.ts', '../checks/check-plan', 'checkPlan'],
			['mounts/registry.ts', '../holders/build', 'buildHolder'],
			['places/any-place.ts', '../checks/check-plan', 'checkPlan'],
			['supports/stud-check.ts', '../checks/check-plan', 'checkPlan']
		] as const;
		for (const [file, from, name] of up)
			expect(
				await complaints(`src/core/${file}`, `import { ${name} } from '${from}';\nexport const x = ${name};`),
				`${file} from ${from}`
			).toContain('import-x/no-restricted-paths');
	}, 60_000);

	it('lets through what is allowed', async () => {
		expect(
			await complaints(
				'src/exchange/check-report.ts',
				"import { checkPlan } from '$core/checks/check-plan';\nexport const x = checkPlan;"
			)
		).toEqual([]);
	}, 60_000);
});
