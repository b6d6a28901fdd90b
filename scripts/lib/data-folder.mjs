import { randomBytes } from 'node:crypto';
import { existsSync, linkSync, mkdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathFault, StartFault } from './start-fault.mjs';

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** A start that is at work longer than this has its own trouble. */
const WAIT_FOR_ANOTHER = 120_000;

/**
 * When a process began, in the kernel's ticks: its number alone may have been given to another since. Null when it is
 * gone.
 */
function beganAt(pid) {
	try {
		return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ')[19];
	} catch {
		return null;
	}
}

/** Writes a file whole or not at all. */
export function writeWhole(path, text) {
	const beside = `${path}.${process.pid}`;
	try {
		writeFileSync(beside, text, { mode: 0o600 });
		renameSync(beside, path);
	} catch (error) {
		rmSync(beside, { force: true });
		throw pathFault(path, error);
	}
}

/** A folder and those above it. Not `recursive`: that never comes back where the system makes none, as in /proc. */
function makeFolder(folder) {
	if (statSync(folder, { throwIfNoEntry: false })?.isDirectory()) return;
	makeFolder(dirname(folder));
	try {
		mkdirSync(folder, { mode: 0o700 });
	} catch (error) {
		// Two starts at once may both make it.
		if (!statSync(folder, { throwIfNoEntry: false })?.isDirectory()) throw error;
	}
}

/** Makes the folder that everything lies in, and tries that it can be written to. */
export function openFolder(folder) {
	try {
		makeFolder(folder);
		const probe = join(folder, `probe.${process.pid}`);
		// A full disk still takes an empty file.
		writeFileSync(probe, Buffer.alloc(64 * 1024, 1));
		rmSync(probe);
	} catch (error) {
		throw pathFault(folder, error);
	}
}

function read(path) {
	try {
		return readFileSync(path, 'utf8');
	} catch {
		return null;
	}
}

/** Takes away a lock whose process is gone. If it was another's fresh one by then, it is put back. */
function takeAway(lock, text) {
	const aside = `${lock}.${process.pid}`;
	try {
		renameSync(lock, aside);
		if (readFileSync(aside, 'utf8') !== text) linkSync(aside, lock);
	} catch {
		// Somebody else was quicker.
	}
	rmSync(aside, { force: true });
}

/**
 * Waits until no other start is at work on the folder, and keeps others waiting.
 * @param {string} folder
 * @returns {Promise<() => void>} lets the next one in
 */
export async function lockStart(folder) {
	const lock = join(folder, 'starting.lock');
	const mine = join(folder, `starting.${process.pid}`);
	const text = `${process.pid} ${beganAt(process.pid)}`;
	writeWhole(mine, text);
	try {
		for (const end = Date.now() + WAIT_FOR_ANOTHER; ; await pause(100)) {
			try {
				// A link comes with its text, so that nobody reads half a lock.
				linkSync(mine, lock);
				return () => read(lock) === text && rmSync(lock, { force: true });
			} catch (error) {
				if (error.code !== 'EEXIST') throw pathFault(lock, error);
			}
			const other = read(lock);
			const [pid, began] = other?.split(' ') ?? [];
			if (other !== null && beganAt(pid) !== began) takeAway(lock, other);
			else if (Date.now() > end)
				throw new StartFault(
					`Another start is at work in ${folder} (process ${pid}) and does not end: stop it, then start again`
				);
		}
	} finally {
		rmSync(mine, { force: true });
	}
}

/**
 * The database's password, made once.
 * @returns {{ secret: string, made: boolean }} `made` when there was none: it is yet to be told to the database
 */
export function secretOf(folder) {
	const path = join(folder, 'secret');
	if (existsSync(path)) {
		let secret;
		try {
			secret = readFileSync(path, 'utf8');
		} catch (error) {
			throw pathFault(path, error);
		}
		if (/^[0-9a-f]{36}$/.test(secret)) return { secret, made: false };
		throw wrongSecret(folder);
	}
	const secret = randomBytes(18).toString('hex');
	writeWhole(path, secret);
	return { secret, made: true };
}

/** The fault of a secret that the database does not know. */
export const wrongSecret = (folder) =>
	new StartFault(
		`${join(folder, 'secret')} is not the secret that this database was made with: put the right one back, or delete that one file and start again, which makes a new one`
	);
