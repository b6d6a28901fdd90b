import { Ajv2020 } from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { startInputs } from '$core/sums/inputs';
import { SUMS } from '$core/sums/registry';
import { answerVerdict } from '$core/sums/sum';
import type { SumEntry } from '$exchange/sums-catalogue';
import { useKammer } from '../support/running';
import { send } from '../../scripts/lib/send.mjs';

const kammer = useKammer();

interface Answered {
	verdict: string;
	margin: number;
	detail: string;
	errors: { path: string; message: string }[];
	steps: { title: string; lines: { label: string }[] }[];
	remedies: { inputs: Record<string, unknown>; margin: number }[];
	stopsHoldingAt: { load: { value: number } };
}
const ask = async (name: string, body: unknown, type = 'application/json') => {
	const response = await send(`${kammer.url}/api/sums/${name}`, 'POST', body, { headers: { 'content-type': type } });
	return {
		status: response.status,
		type: response.headers.get('content-type'),
		json: (await response.json()) as Answered
	};
};
const shelf = () => startInputs(SUMS.find((s) => s.name === 'shelf')!.fields, 'mm');

describe('the list of sums', () => {
	it('has every sum, with a JSON Schema that takes what the form starts with and nothing else (Ajv)', async () => {
		const { sums } = (await (await fetch(`${kammer.url}/api/sums`)).json()) as { sums: SumEntry[] };
		expect(sums.map((s) => s.name)).toEqual(SUMS.map((s) => s.name));
		const ajv = new Ajv2020({ strict: true, allowUnionTypes: true });
		for (const { name, schema } of sums) {
			const takes = ajv.compile(schema);
			const sum = SUMS.find((s) => s.name === name)!;
			for (const unit of ['mm', 'inch'] as const)
				expect(takes(startInputs(sum.fields, unit)), `${name}: ${JSON.stringify(takes.errors)}`).toBe(true);
			expect(takes({ ...startInputs(sum.fields, 'mm'), more: 1 })).toBe(false);
			expect(takes({})).toBe(false);
		}
	});
});

describe('a sum', () => {
	it('of every kind is answered as the page answers it', async () => {
		for (const sum of SUMS) {
			const inputs = startInputs(sum.fields, 'inch');
			const { status, json } = await ask(sum.name, inputs);
			expect(status, sum.name).toBe(200);
			const judged = answerVerdict(sum.answer(inputs));
			expect(json.verdict, sum.name).toBe(judged?.verdict ?? null);
			expect(json.margin, sum.name).toBe(judged?.step.margin ?? null);
			for (const s of json.steps)
				if (s.title !== 'species' && json.verdict !== 'cannot-be-judged')
					expect(s.lines.length, `${sum.name}: ${s.title}`).toBeGreaterThan(0);
		}
	});

	it('says how much more, and its remedies bring what they promise', async () => {
		const inputs = { ...shelf(), load: 120 };
		const { json } = await ask('shelf', inputs);
		expect(json.verdict).toBe('does-not-hold');
		expect(json.stopsHoldingAt.load.value).toBeLessThan(120);
		expect(json.remedies.length).toBeGreaterThan(0);
		for (const r of json.remedies) expect((await ask('shelf', r.inputs)).json.margin).toBeCloseTo(r.margin, 9);
	});

	it('names every wrong field: nothing thick, less than nothing, unknown, in the wrong order, infinite, missing, too long', async () => {
		const wrong = async (change: object, name = 'shelf') => {
			const { status, type, json } = await ask(name, {
				...startInputs(SUMS.find((s) => s.name === name)!.fields, 'mm'),
				...change
			});
			expect(type).toMatch(/problem\+json/);
			return [status, ...json.errors.map((e) => e.path)];
		};
		expect(await wrong({ thickness: 0 })).toEqual([422, 'thickness']);
		expect(await wrong({ load: -5 })).toEqual([422, 'load']);
		expect(await wrong({ material: 'balsa' })).toEqual([422, 'material']);
		expect(await wrong({ supports: [600, 0] })).toEqual([422, 'supports']);
		expect(await wrong({ depth: '300' })).toEqual([422, 'depth']);
		expect(await wrong({ point: null })).toEqual([422, 'point']);
		expect(await wrong({ length: 400 })).toEqual([422, 'supports']);
		expect(await wrong({ length: 250 }, 'screw')).toEqual([422, 'length']);
		expect((await ask('shelf', '{"depth":1e999}')).json.errors.some((e) => e.path === 'depth')).toBe(true);
		expect((await ask('shelf', {})).json.errors.length).toBe(Object.keys(shelf()).length);
	});

	it('is refused when it is no JSON, not called so, hostile, or not there', async () => {
		expect((await ask('shelf', '{')).status).toBe(400);
		expect((await ask('shelf', '{}', 'application/xml')).status).toBe(415);
		expect((await ask('shelf', '{"__proto__":{"a":1}}')).status).toBe(422);
		expect((await ask('nothing', {})).status).toBe(404);
		expect((await ask('constructor', {})).status).toBe(404);
	});
});
