/** A field that a reading can go into: the one that had the focus last. */
export interface MeasureTarget {
	dim: 'length' | 'mass';
	label: string;
	/** Takes the reading, mm or kg; gives what is wrong with it. */
	take: (value: number) => string | undefined;
}

/** Where a reading of a scale or a meter would go. */
class Measuring {
	target = $state.raw<MeasureTarget | null>(null);

	aim(target: MeasureTarget): void {
		this.target = target;
	}

	/** The field is gone. */
	release(target: MeasureTarget | undefined): void {
		if (this.target === target) this.target = null;
	}
}

export const measuring = new Measuring();
