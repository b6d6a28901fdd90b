import { fileURLToPath } from 'node:url';
import { join } from 'node:path';

/** The project's own folder, wherever a script is called from. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));
/** What a machine keeps for itself: database, stamps. Never committed. */
export const STATE = join(ROOT, '.kammer');
export const inRoot = (...parts) => join(ROOT, ...parts);
