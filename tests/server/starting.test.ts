import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import {
	chmodSync,
	existsSync,
	mkdirSync,
	readdirSync,
	readFileSync,
	renameSync,
	rmSync,
	truncateSync,
	writeFileSync
} from 'node:fs';
import { delimiter, join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { moreWalls } from '$core/demo/slipway-more';
import { inRoot } from '../../scripts/lib/paths.mjs';
import { alive, cleanUp, databasePid, scratch, startKammer, startTestDatabase, until } from '../support/server';

/**
 * Starts that cannot go on, are killed, or come two at once: nothing that lies there is ever removed, and one plain
 * line says what to do.
 */
/** What a new workshop has: its long wall, its oar store, and all the rest of its surfaces. */
const WALLS = 2 + moreWalls().length;

const folders: string[] = [];
const folder = () => {
	const made = scratch();
	folders.push(made);
	return made;
};
afterAll(() => folders.forEach(cleanUp));

interface Start {
	child: ChildProcess;
	said: () => string;
	/** Its exit code, or the signal that ended it. */
	ended: Promise<number | string | null>;
}
function start(env: Record<string, string>): Start {
	const { DATABASE_URL: _, ...rest } = process.env;
	const child = spawn(process.execPath, [inRoot('scripts', 'start.mjs')], {
		env: { ...rest, PORT: '0', LOG_LEVEL: 'warn', ...env },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let said = '';
	child.stdout?.on('data', (chunk) => (said += String(chunk)));
	child.stderr?.on('data', (chunk) => (said += String(chunk)));
	return {
		child,
		said: () => said,
		ended: new Promise((resolve) => child.once('close', (code, signal) => resolve(code ?? signal)))
	};
}

/** Servers and installers at work on a folder. */
const atWork = (at: string) =>
	readdirSync('/proc').filter((pid) => {
		if (!/^\d+$/.test(pid)) return false;
		try {
			return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(`--datadir=${at}`);
		} catch {
			return false;
		}
	});

/** Ends a process; one that has gone by itself since it was seen is ended. */
function killed(pid: number): void {
	try {
		process.kill(pid, 'SIGKILL');
	} catch (e) {
		if ((e as NodeJS.ErrnoException).code !== 'ESRCH') throw e;
	}
}

/** A start that must not succeed: its one line. */
async function refused(env: Record<string, string>): Promise<string> {
	const one = start(env);
	expect(await one.ended, one.said()).toBe(1);
	const lines = one
		.said()
		.split('\n')
		.filter((line) => /Kammer did not start/.test(line));
	expect(lines, one.said()).toHaveLength(1);
	expect(one.said()).not.toMatch(/\n\s+at |Kammer is at/);
	if (env.KAMMER_DATA) expect(atWork(env.KAMMER_DATA)).toEqual([]);
	return lines[0] as string;
}

/** A folder with a database in it, as a first start leaves it. */
async function used(): Promise<{ at: string; walls: unknown }> {
	const at = folder();
	const first = await startKammer({ folder: at });
	const walls = await (await fetch(`${first.url}/api/plans`)).json();
	await first.stop();
	return { at, walls };
}
const filesOf = (at: string) =>
	(readdirSync(at, { recursive: true }) as string[]).filter((f) => /\.(ibd|MA[DI]|frm)$/.test(f)).sort();

describe('a start on a database that is not whole', () => {
	it('with a system table missing deletes nothing and says what is wrong', async () => {
		const { at } = await used();
		for (const end of ['MAD', 'MAI', 'frm']) rmSync(join(at, 'data', 'mysql', `global_priv.${end}`), { force: true });
		const before = filesOf(join(at, 'data'));
		expect(await refused({ KAMMER_DATA: at })).toMatch(/MariaDB does not start on .*Nothing was deleted/);
		expect(filesOf(join(at, 'data'))).toEqual(before);
	});

	it('with all system tables missing deletes nothing, and starts again once they are back', async () => {
		const { at, walls } = await used();
		const [system, away] = [join(at, 'data', 'mysql'), join(at, 'mysql-away')];
		renameSync(system, away);
		const before = filesOf(join(at, 'data'));
		expect(await refused({ KAMMER_DATA: at })).toMatch(/its system tables are missing/);
		expect(filesOf(join(at, 'data'))).toEqual(before);
		renameSync(away, system);
		const again = await startKammer({ folder: at });
		expect(await (await fetch(`${again.url}/api/plans`)).json()).toEqual(walls);
		await again.stop();
	});

	it('with a torn table says which, and deletes nothing', async () => {
		const { at } = await used();
		const table = join(at, 'data', 'kammer', 'photos.ibd');
		truncateSync(table, 100);
		expect(await refused({ KAMMER_DATA: at })).toMatch(/photos/);
		expect(existsSync(table)).toBe(true);
	});

	it('with a wrong secret says so; without one makes a new one and has everything', async () => {
		const { at, walls } = await used();
		for (const wrong of ['0123456789abcdef0123456789abcdef0123', 'nonsense', '']) {
			writeFileSync(join(at, 'secret'), wrong);
			expect(await refused({ KAMMER_DATA: at })).toMatch(/secret is not the secret that this database was made with/);
			expect(readFileSync(join(at, 'secret'), 'utf8')).toBe(wrong);
		}
		rmSync(join(at, 'secret'));
		const again = await startKammer({ folder: at });
		expect(await (await fetch(`${again.url}/api/plans`)).json()).toEqual(walls);
		await again.stop();
	});
});

describe('a start that cannot write', () => {
	it('where a file stands in place of a folder', async () => {
		const at = folder();
		const file = join(at, 'file');
		writeFileSync(file, 'mine');
		expect(await refused({ KAMMER_DATA: file })).toMatch(/a file stands where a folder should be/);
		expect(await refused({ KAMMER_DATA: join(file, 'below') })).toMatch(/a file stands where a folder should be/);
		const other = folder();
		writeFileSync(join(other, 'data'), 'mine');
		expect(await refused({ KAMMER_DATA: other })).toMatch(/is no whole database/);
		expect([readFileSync(file, 'utf8'), readFileSync(join(other, 'data'), 'utf8')]).toEqual(['mine', 'mine']);
	});

	it('where nobody may', async () => {
		expect(await refused({ KAMMER_DATA: '/proc/kammer' })).toMatch(/cannot be used: .*KAMMER_DATA/);
	});

	it('says of a full disk, a read-only one and a strange fault what it is', async () => {
		const { pathFault } = await import('../../scripts/lib/start-fault.mjs');
		const { faultIn } = await import('../../scripts/lib/install-database.mjs');
		const said = (code: string) => pathFault('/x', Object.assign(new Error('words of the system'), { code })).message;
		expect(said('ENOSPC')).toMatch(/no space left/);
		expect(said('EROFS')).toMatch(/only be read/);
		expect(said('EACCES')).toMatch(/may not write/);
		expect(said('EIO')).toMatch(/words of the system/);
		// What MariaDB 11 says on a full disk, and where system tables are missing.
		expect(
			faultIn(
				'2026-11-26 17:52:35 0 [ERROR] InnoDB: preallocating 100663296 bytes for file ./ib_logfile101 failed with error 28\n2026-11-26 17:52:35 0 [ERROR] Aborting\n'
			)
		).toMatch(/no space left/);
		expect(
			faultIn(
				`0 [ERROR] Could not open mysql.plugin table: "Table 'mysql.plugin' doesn't exist". Some plugins may be not loaded\n0 [ERROR] Fatal error: Can't open and lock privilege tables: Table 'mysql.db' doesn't exist\n0 [ERROR] Aborting\n`
			)
		).toBe("Fatal error: Can't open and lock privilege tables: Table 'mysql.db' doesn't exist");
		expect(faultIn('')).toBe('');
	});

	/** An installer that begins its work and then says what MariaDB says on a full disk. */
	function fullDisk(words: string): { env: Record<string, string>; left: string; free: () => void } {
		const [at, bin] = [folder(), folder()];
		const installer = join(bin, 'mariadb-install-db');
		const begin = 'for a in "$@"; do case $a in --datadir=*) mkdir -p "${a#--datadir=}/mysql";; esac; done';
		writeFileSync(installer, `#!/bin/sh\n${begin}\necho '[ERROR] ${words}' >&2\nexit 1\n`);
		chmodSync(installer, 0o755);
		return { env: { KAMMER_DATA: at, PATH: `${bin}${delimiter}${process.env.PATH}` }, left: at, free: () => undefined };
	}
	/** A disk that is really full; null on a machine where this user may make none. */
	function realDisk(): ReturnType<typeof fullDisk> | null {
		const at = folder();
		if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=20m', 'tmpfs', at]).status !== 0) return null;
		const left = join(at, 'kammer');
		return { env: { KAMMER_DATA: left }, left, free: () => void spawnSync('umount', [at]) };
	}

	it('for want of space says so and leaves no half of a database', async () => {
		const disks = [
			fullDisk('Error writing file (Errcode: 28 "No space left on device")'),
			fullDisk('InnoDB: preallocating 100663296 bytes for file ./ib_logfile101 failed with error 28'),
			realDisk()
		].filter((disk) => disk !== null);
		for (const { env, left, free } of disks) {
			try {
				expect(await refused(env)).toMatch(/no space left on the disk/);
				expect(readdirSync(left).filter((name) => name.startsWith('data'))).toEqual([]);
			} finally {
				free();
			}
		}
	});
});

describe('a start with a wrong setting', () => {
	it('a port that another program takes at the last moment', async () => {
		const at = folder();
		const thief = join(at, 'thief.mjs');
		// Whatever an HTTP server is to listen on, somebody listens there a moment before.
		writeFileSync(
			thief,
			`import http from 'node:http'; import net from 'node:net';
			http.Server.prototype.listen = function (...to) {
				const { port, host } = typeof to[0] === 'object' ? to[0] : { port: to[0], host: '127.0.0.1' };
				net.createServer().listen(port, host, () => net.Server.prototype.listen.apply(this, to));
				return this;
			};`
		);
		const said = await refused({ KAMMER_DATA: join(at, 'data'), NODE_OPTIONS: `--import ${thief}` });
		expect(said).toMatch(/Another program took port \d+ just now: start again, or name another with PORT/);
	});

	it.each(['abc', '70000', '-1', '80.5', '1e3'])('PORT %s', async (PORT) => {
		expect(await refused({ PORT, KAMMER_DATA: folder() })).toContain(`PORT is "${PORT}", which is no port`);
	});
	it.each(['0.0.0.0', '192.168.1.20', '::', 'kammer.example'])(
		'HOST %s, which is not this machine alone',
		async (HOST) => {
			expect(await refused({ HOST, KAMMER_DATA: folder() })).toMatch(/no sign-in yet/);
		}
	);
	it.each(['kammer.example', 'ftp://kammer.example', 'https://kammer.example/walls'])('ORIGIN %s', async (ORIGIN) => {
		expect(await refused({ ORIGIN, KAMMER_DATA: folder() })).toMatch(/which is no origin/);
	});
	it.each(['nonsense', 'http://127.0.0.1/x', 'mysql://127.0.0.1'])('DATABASE_URL %s', async (DATABASE_URL) => {
		expect(await refused({ DATABASE_URL })).toMatch(/DATABASE_URL names no MariaDB database/);
	});
});

describe('a first start', () => {
	it('killed at any moment starts again, with everything a new workshop has', async () => {
		const at = folder();
		const own = join(at, 'kept');
		mkdirSync(own);
		writeFileSync(join(own, 'mine.txt'), 'mine');
		for (const ms of [150, 300, 500, 800, 1200, 1700, 2300, 3000]) {
			const one = start({ KAMMER_DATA: at });
			await Promise.race([one.ended, new Promise((resolve) => setTimeout(resolve, ms))]);
			one.child.kill('SIGKILL');
			expect(await one.ended).toBe('SIGKILL');
			for (const pid of atWork(at)) killed(Number(pid));
		}
		const whole = await startKammer({ folder: at });
		expect(((await (await fetch(`${whole.url}/api/plans`)).json()) as unknown[]).length).toBe(WALLS);
		expect(((await (await fetch(`${whole.url}/api/shops`)).json()) as { things: number }[])[0]?.things).toBeGreaterThan(
			20
		);
		await whole.stop();
		expect(readFileSync(join(own, 'mine.txt'), 'utf8')).toBe('mine');
	});

	it('ended by Ctrl+C before it is there leaves nothing running', async () => {
		const at = folder();
		const one = start({ KAMMER_DATA: at });
		await until(() => existsSync(join(at, 'mariadb.pid')), 'the database to come up');
		one.child.kill('SIGINT');
		await one.ended;
		expect(atWork(at)).toEqual([]);
	});

	it('of two at once makes one database, which both share', async () => {
		const at = folder();
		const [a, b] = await Promise.all([startKammer({ folder: at }), startKammer({ folder: at })]);
		const walls = await Promise.all(
			[a, b].map(async ({ url }) => (await fetch(`${url}/api/plans`)).json() as Promise<unknown[]>)
		);
		expect(walls[0]).toEqual(walls[1]);
		expect(walls[0]).toHaveLength(WALLS);
		expect(readdirSync(at).filter((name) => name.startsWith('data'))).toEqual(['data']);
		const database = databasePid(at);
		await Promise.all([a.stop(), b.stop()]);
		await until(() => !alive(database), 'the database to be stopped by the last of them');
	});

	it('waits for a lock that is held, and takes one away whose start is gone', async () => {
		const at = folder();
		writeFileSync(join(at, 'starting.lock'), '999999999 1');
		const one = await startKammer({ folder: at });
		expect(existsSync(join(at, 'starting.lock'))).toBe(false);
		await one.stop();
		// This process holds it now.
		const began = readFileSync('/proc/self/stat', 'utf8').split(') ')[1]?.split(' ')[19];
		writeFileSync(join(at, 'starting.lock'), `${process.pid} ${began}`);
		const waits = start({ KAMMER_DATA: at });
		await new Promise((resolve) => setTimeout(resolve, 1500));
		expect(waits.said()).not.toMatch(/Kammer is at/);
		rmSync(join(at, 'starting.lock'));
		await until(() => /Kammer is at/.test(waits.said()), 'the start to go on');
		waits.child.kill('SIGINT');
		await waits.ended;
	});
});

describe('a database of somebody else', () => {
	it('that is not up is waited for: the address is said once health is well', async () => {
		const at = folder();
		const database = await startTestDatabase(at);
		await database.stop();
		const one = start({ DATABASE_URL: database.url });
		await until(() => /Waiting for the database/.test(one.said()), 'the wait');
		expect(one.said()).not.toMatch(/Kammer is at/);
		const back = await startTestDatabase(at);
		expect(back.port).toBe(database.port);
		const url = await until(() => /Kammer is at (http:\S+)/.exec(one.said())?.[1], 'the address');
		expect((await fetch(`${url}/api/health`)).status).toBe(200);
		one.child.kill('SIGINT');
		expect(await one.ended).toBe(0);
		await back.stop();
	});
});
