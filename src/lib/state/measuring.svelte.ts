import type { How } from '$core/plan/types';

/** A field that a reading can go into: the one that had the focus last. */
export interface MeasureTarget {
	dim: 'length' | 'mass';
	label: string;
	/** What stood in it when it got the focus, mm or kg. */
	value: number | null;
	/** Takes the reading, mm or kg; gives what is wrong with it. */
	take: (value: number) => string | undefined;
}

/** Where a reading of a scale or a meter would go. */
class Measuring {
	target = $state.raw<MeasureTarget | null>(null);
	/**
	 * How a figure that is being set was found: by an instrument while a reading goes in, else somebody typed what a tape
	 * said.
	 */
	how: How = 'tape';

	aim(target: MeasureTarget): void {
		this.target = target;
	}

	/** Puts a reading into a field; gives what is wrong with it. */
	put(target: MeasureTarget, reading: number): string | undefined {
		this.how = 'meter';
		try {
			return target.take(reading);
		} finally {
			this.how = 'tape';
		}
	}

	/** The field is gone. */
	release(target: MeasureTarget | undefined): void {
		if (this.target === target) this.target = null;
	}
}

export const measuring = new Measuring();
