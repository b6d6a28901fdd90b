import type { Price } from '$core/prices/price';
import { fail, ok, type Result } from '$core/result';
import type { Quote } from '$devices/price-feed';
import { asJson, problemText } from './api';

/** What the simulated stores ask for these lines now; the error is in plain words. */
export async function askStores(prices: readonly Price[]): Promise<Result<Quote[]>> {
	const asked = { seed: Math.floor(Math.random() * 1e9), prices: prices.map(({ id, price }) => ({ id, price })) };
	try {
		const response = await fetch('/api/devices/price-feed/quotes', asJson(asked, 'POST'));
		if (!response.ok) return fail((await problemText(response)).message);
		return ok(((await response.json()) as { quotes: Quote[] }).quotes);
	} catch {
		return fail('No store can be reached. The prices are as they were.');
	}
}
