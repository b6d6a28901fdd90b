import { readFileSync } from 'node:fs';
import { send } from '../../scripts/lib/send.mjs';
import { heavyBodies } from '../support/bodies.mjs';

/** Greatest memory a process has had, MB. */
const most = (pid) => Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/**
 * Sends every heavy body that is to be refused, one at a time.
 * @returns {Promise<{ ms: number, name: string, megabytes: number }>} the longest that the server was held, which body,
 * and what the server grew by
 */
export async function benchBodies({ url, child }, plan) {
	await send(`${url}/api/check`, 'POST', plan);
	const before = most(child.pid);
	let worst = { ms: 0, name: '' };
	const bodies = heavyBodies(plan);
	// Making them took longer than an idle connection is kept open: time to notice that it was closed.
	await new Promise((resolve) => setTimeout(resolve, 200));
	for (const { name, method, path, body } of bodies) {
		const bytes = Buffer.from(body);
		const timed = async (type) => {
			const began = performance.now();
			const answer = await send(url + path, method, bytes, { headers: { 'content-type': type } });
			await answer.text();
			return { ms: performance.now() - began, status: answer.status };
		};
		// The way there and back, by a body that is only read away.
		const way = await timed('text/plain');
		const answer = await timed('application/json');
		const ms = answer.ms - way.ms;
		if (answer.status < 400 || answer.status >= 500) throw new Error(`${name} was answered with ${answer.status}`);
		if (process.env.EACH) console.log(`${ms.toFixed(0).padStart(6)} ms  ${most(child.pid).toFixed(0)} MB  ${name}`);
		if (ms > worst.ms) worst = { ms, name };
	}
	return { ...worst, megabytes: most(child.pid) - before };
}
