/** Why a start cannot go on, in one plain line: what is wrong, and what to do. */
export class StartFault extends Error {}

const NO_SPACE = 'there is no space left on its disk: free some, then start again';
const WORDS = {
	ENOSPC: NO_SPACE,
	EDQUOT: NO_SPACE,
	EROFS: 'it lies on a disk that can only be read: name another folder with KAMMER_DATA',
	EACCES: 'this user may not write there: make it writable, or name another folder with KAMMER_DATA',
	EPERM: 'this user may not write there: make it writable, or name another folder with KAMMER_DATA',
	ENOENT: 'it cannot be made there: name another folder with KAMMER_DATA',
	ENOTDIR: 'a file stands where a folder should be: move it away, or name another folder with KAMMER_DATA',
	EEXIST: 'a file stands where a folder should be: move it away, or name another folder with KAMMER_DATA',
	EISDIR: 'a folder stands where a file should be: move it away, or name another folder with KAMMER_DATA',
	ENAMETOOLONG: 'its name is too long: name another folder with KAMMER_DATA',
	EMFILE: 'too many files are open on this machine: close some programs, then start again'
};

/**
 * A fault of the file system in plain words.
 * @param {string} path what was to be read or written
 * @param {unknown} error as the file system throws it
 * @returns {StartFault}
 */
export const pathFault = (path, error) =>
	new StartFault(`${path} cannot be used: ${WORDS[error?.code] ?? error?.message ?? error}`);

/**
 * Runs a start to its end. A fault is said in one line and ends with 1; `tidy` stops what was started before.
 * @param {() => Promise<void>} work
 * @param {() => Promise<void>} tidy
 */
export async function plainly(work, tidy) {
	try {
		await work();
	} catch (error) {
		await tidy();
		const what = error instanceof Error ? error.message : String(error);
		console.error(`Kammer did not start. ${what.replace(/\s*\n\s*/g, ' ')}`);
		if (process.env.LOG_LEVEL === 'debug') console.error(error);
		process.exit(1);
	}
}
