import type { ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDatabase } from '../../scripts/lib/mariadb.mjs';
import { startKammer as start } from '../../scripts/lib/kammer.mjs';

export interface Database {
	url: string;
	pid: number;
	port: number;
	stop(): Promise<void>;
}

/** A throw-away folder for one database. */
export function scratch(): string {
	return mkdtempSync(join(tmpdir(), 'kammer-test-'));
}

/**
 * The same private MariaDB that npm start uses, on throw-away data, and on a port that nobody else is likely to take
 * while it is stopped.
 */
export const startTestDatabase = (folder: string): Promise<Database> =>
	startDatabase(folder, 20_000 + Math.floor(Math.random() * 10_000)) as Promise<Database>;

export interface Running {
	url: string;
	child: ChildProcess;
	/** Ctrl+C, and the wait for it to end. */
	stop(): Promise<void>;
}

/** Starts Kammer as `npm start` does. With `database` given, on that one; else on a private one in `folder`. */
export const startKammer = ({ folder, database }: { folder?: string; database?: Database }): Promise<Running> =>
	start({ folder, databaseUrl: database?.url }) as Promise<Running>;

/** Process id of the database in a folder. */
export function databasePid(folder: string): number {
	return (JSON.parse(readFileSync(join(folder, 'running.json'), 'utf8')) as { pid: number }).pid;
}

export function alive(pid: number): boolean {
	try {
		process.kill(pid, 0);
		return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
	} catch {
		return false;
	}
}

/** Waits until something is so, up to 20 s. */
export async function until<T>(
	look: () => Promise<T | undefined | false> | T | undefined | false,
	what: string
): Promise<T> {
	const end = Date.now() + 20_000;
	for (;;) {
		const got = await look();
		if (got) return got;
		if (Date.now() > end) throw new Error(`Waited in vain for ${what}`);
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
}

/** Removes a scratch folder, and ends the database in it that a failed test may have left running. */
export function cleanUp(folder: string): void {
	if (existsSync(join(folder, 'running.json')) && alive(databasePid(folder)))
		process.kill(databasePid(folder), 'SIGKILL');
	rmSync(folder, { recursive: true, force: true });
}
