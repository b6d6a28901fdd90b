import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { which } from '../../scripts/lib/run.mjs';

/** Runs a line of the scripts as for an ordinary user, whoever runs the test. */
function asOrdinaryUser(code: string) {
	const done = spawnSync(process.execPath, ['--input-type=module', '-e', `process.getuid = () => 1000; ${code}`], {
		encoding: 'utf8',
		env: { PATH: process.env.PATH ?? '' }
	});
	return { code: done.status, said: `${done.stdout}${done.stderr}` };
}
const prepare = JSON.stringify(new URL('../../scripts/lib/prepare.mjs', import.meta.url).href);

describe('a machine without the Debian packages', () => {
	it('gets the exact command when an ordinary user starts Kammer', () => {
		// A name that is nowhere stands for a command that is not installed yet.
		const got = asOrdinaryUser(
			`const p = await import(${prepare}); p.needCommands(['mariadbd-not-here', ...p.DATABASE_COMMANDS], { 'mariadbd-not-here': 'mariadb-server-core' });`
		);
		expect(got.code, got.said).toBe(1);
		expect(got.said).toContain('sudo apt-get install --no-install-recommends mariadb-server-core\n');
	});

	it('is asked for nothing that is there', () => {
		const got = asOrdinaryUser(`const p = await import(${prepare}); p.needCommands(p.DATABASE_COMMANDS);`);
		expect(got).toEqual({ code: 0, said: '' });
	});
});

describe('where commands are looked for', () => {
	it('takes in the places that ordinary users do not have on their path', () =>
		expect(which('mariadbd')).toMatch(/\/mariadbd$/));
	it('says that there is none', () => expect(which('no-such-command-anywhere')).toBeNull());
});
