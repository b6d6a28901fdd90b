import { describe, expect, it } from 'vitest';
import { SUMS } from '$core/sums/registry';
import { startInputs, type Inputs } from '$core/sums/inputs';
import type { Sum } from '$core/sums/sum';
import { SumInputs } from './sum-inputs.svelte';

const shelf = SUMS.find((s) => s.name === 'shelf') as Sum;
const begun = () => {
	const told: Inputs[] = [];
	return { told, inputs: new SumInputs(shelf, startInputs(shelf.fields, 'mm'), (next) => told.push(next)) };
};

describe('inputs of a quick sum', () => {
	it('take what is right, tell whoever listens, and go back and forth', () => {
		const { inputs, told } = begun();
		const start = inputs.now;
		expect(inputs.set('load', 35)).toBeUndefined();
		expect(inputs.set('depth', 250)).toBeUndefined();
		expect([inputs.now.load, inputs.now.depth]).toEqual([35, 250]);
		inputs.undo();
		inputs.undo();
		expect(inputs.now).toBe(start);
		expect([inputs.canUndo, inputs.canRedo]).toEqual([false, true]);
		inputs.undo();
		inputs.redo();
		inputs.redo();
		expect([inputs.now.load, inputs.now.depth, inputs.canRedo]).toEqual([35, 250, false]);
		expect(told).toHaveLength(6);
	});

	it('refuse what is nothing by itself, and keep what was there', () => {
		const { inputs, told } = begun();
		const before = inputs.now;
		expect(inputs.set('load', -1)?.path).toBe('load');
		expect(inputs.set('supports', [100, 50])?.path).toBe('supports');
		expect(inputs.now).toBe(before);
		expect(told).toEqual([]);
	});

	it('take what does not fit another field, and tell it there', () => {
		const { inputs } = begun();
		expect(inputs.set('length', 100)).toBeUndefined();
		expect(inputs.read.ok).toBe(false);
		expect(inputs.problems.length).toBeGreaterThan(0);
		const [wrong] = inputs.problems;
		expect(inputs.wrongWith((wrong?.path ?? '').replace(/\[.*/, ''))).toEqual(wrong);
		inputs.undo();
		expect(inputs.read.ok).toBe(true);
	});

	it('forget what was undone once something else is said', () => {
		const { inputs } = begun();
		inputs.set('load', 35);
		inputs.undo();
		inputs.set('load', 12);
		inputs.redo();
		expect(inputs.now.load).toBe(12);
	});
});
