import { afterAll, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { alive, cleanUp, databasePid, scratch, startKammer, startTestDatabase, until } from '../support/server';
import { send } from '../../scripts/lib/send.mjs';

const folders: string[] = [];
const folder = () => {
	const made = scratch();
	folders.push(made);
	return made;
};
afterAll(() => folders.forEach(cleanUp));

const post = (url: string, body: unknown) => send(`${url}/api/plans`, 'POST', body);

describe('a killed server', () => {
	it('leaves a database that starts again with every acknowledged write, and Ctrl+C ends both cleanly', async () => {
		const at = folder();
		const first = await startKammer({ folder: at });
		const ids: string[] = [];
		for (let i = 0; i < 5; i++)
			ids.push(((await (await post(first.url, { ...slipwayWall(), name: `wall ${i}` })).json()) as { id: string }).id);
		const database = databasePid(at);
		first.child.kill('SIGKILL');
		process.kill(database, 'SIGKILL');
		await until(() => !alive(database), 'the database to die');

		const second = await startKammer({ folder: at });
		for (const id of ids) expect((await fetch(`${second.url}/api/plans/${id}`)).status).toBe(200);
		const again = databasePid(at);
		await second.stop();
		expect(alive(again)).toBe(false);
		expect(second.child.exitCode).toBe(0);
	});

	it('whose database lives on finds it again', async () => {
		const at = folder();
		const first = await startKammer({ folder: at });
		const database = databasePid(at);
		first.child.kill('SIGKILL');
		await until(() => first.child.signalCode !== null, 'the server to die');
		const second = await startKammer({ folder: at });
		expect(databasePid(at)).toBe(database);
		expect((await fetch(`${second.url}/api/health`)).status).toBe(200);
		await second.stop();
		expect(alive(database)).toBe(false);
	});
});

describe('two started on one folder', () => {
	it('share its database, which is stopped by the one that started it', async () => {
		const at = folder();
		const first = await startKammer({ folder: at });
		const second = await startKammer({ folder: at });
		const { id } = (await (await post(first.url, slipwayWall())).json()) as { id: string };
		expect((await fetch(`${second.url}/api/plans/${id}`)).status).toBe(200);
		await second.stop();
		expect((await fetch(`${first.url}/api/plans/${id}`)).status).toBe(200);
		const database = databasePid(at);
		await first.stop();
		expect(alive(database)).toBe(false);
	});
});

describe('a database that is down', () => {
	it('is answered with 503 and a time to try again, and is found when it is back', async () => {
		const at = folder();
		const database = await startTestDatabase(at);
		const kammer = await startKammer({ database });
		expect((await fetch(`${kammer.url}/api/health`)).status).toBe(200);
		process.kill(database.pid, 'SIGKILL');
		await until(() => !alive(database.pid), 'the database to die');

		const down = await post(kammer.url, slipwayWall());
		expect(down.status).toBe(503);
		expect(down.headers.get('retry-after')).toBe('3');
		expect(((await down.json()) as { detail: string }).detail).toMatch(/kept on this screen/);
		expect(await (await fetch(kammer.url)).text()).toMatch(/database cannot be reached/);
		const check = await send(`${kammer.url}/api/check`, 'POST', slipwayWall());
		expect(check.status).toBe(200);

		const back = await startTestDatabase(at);
		expect(back.port).toBe(database.port);
		await until(
			async () => (await fetch(`${kammer.url}/api/health`)).status === 200,
			'the server to find its database'
		);
		expect((await post(kammer.url, slipwayWall())).status).toBe(201);
		await kammer.stop();
		await back.stop();
	});
});
