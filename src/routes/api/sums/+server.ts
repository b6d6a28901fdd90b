import { json } from '@sveltejs/kit';
import { sumsCatalogue } from '$exchange/sums-catalogue';

/** Every sum that can be asked for, with the JSON Schema of what to send. */
export const GET = () => json({ sums: sumsCatalogue() });
