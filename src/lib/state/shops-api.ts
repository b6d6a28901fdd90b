import { asJson } from './api';

/** Makes a workshop with nothing in it; its id, or null when the server did not. */
export async function createShop(name: string): Promise<string | null> {
	try {
		const response = await fetch('/api/shops', asJson({ name }, 'POST'));
		return response.ok ? ((await response.json()) as { id: string }).id : null;
	} catch {
		return null;
	}
}

/** Deletes a workshop with its walls and all it owns; false when the server did not. */
export async function deleteShop(id: string): Promise<boolean> {
	try {
		return (await fetch(`/api/shops/${id}`, { method: 'DELETE' })).ok;
	} catch {
		return false;
	}
}

/** Takes a wall or a workshop out of the trash; false when the server did not. */
export async function bringBack(kind: 'wall' | 'shop', id: string): Promise<boolean> {
	try {
		return (await fetch(`/api/${kind === 'wall' ? 'plans' : 'shops'}/${id}/restore`, { method: 'POST' })).ok;
	} catch {
		return false;
	}
}
