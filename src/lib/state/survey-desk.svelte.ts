import type { SurveyPart } from '$core/survey/record';
import type { Point } from '$core/survey/outline';
import { PhotoJob } from './photo-job.svelte';
import { ScanJob } from './scan-job.svelte';

/**
 * What lies on the desk while a wall is surveyed: the part that is open, the scanner, the photograph, and a measure
 * laid on the drawing.
 */
export class SurveyDesk {
	part = $state<SurveyPart>('wall');
	/** Where a screw may go is shown at all heights. */
	safe = $state(false);
	/** A press on the drawing lays a measure. */
	measuring = $state(false);
	measure = $state.raw<{ from: Point; to: Point } | null>(null);
	readonly scan: ScanJob;
	readonly photo = new PhotoJob();

	constructor(id: string) {
		this.scan = new ScanJob(id);
	}

	leave(): void {
		this.scan.leave();
		this.photo.close();
	}
}
