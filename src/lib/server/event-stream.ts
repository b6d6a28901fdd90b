/**
 * Answers with events, one every so many milliseconds, as a stream that ends with the generator or when nobody listens
 * any more.
 * @param last a word sent at a planned end, so that it can be told from a broken line; none: it breaks off
 */
export function eventStream<T>(events: Iterator<T>, every: number, last?: (value: T) => boolean): Response {
	const encoder = new TextEncoder();
	let timer: ReturnType<typeof setInterval> | undefined;
	const stream = new ReadableStream<Uint8Array>({
		start(controller) {
			const step = () => {
				const next = events.next();
				if (next.done) {
					clearInterval(timer);
					controller.close();
					return;
				}
				controller.enqueue(encoder.encode(`data: ${JSON.stringify(next.value)}\n\n`));
				if (last?.(next.value)) {
					clearInterval(timer);
					controller.close();
				}
			};
			timer = setInterval(step, every);
			step();
		},
		cancel() {
			clearInterval(timer);
		}
	});
	return new Response(stream, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
}
