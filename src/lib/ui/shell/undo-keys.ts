/** Is somebody typing there? A tick box takes no text. */
export const isTyping = (event: KeyboardEvent): boolean =>
	event.target instanceof Element && event.target.matches('input:not([type=checkbox]), select, textarea');

/** Ctrl+Z, Ctrl+Y and Ctrl+Shift+Z, where nobody is typing: a field undoes its own letters. */
export function undoKeys(event: KeyboardEvent, work: { undo(): void; redo(): void }): void {
	if (!(event.ctrlKey || event.metaKey) || event.altKey || isTyping(event)) return;
	const key = event.key.toLowerCase();
	if (key !== 'z' && key !== 'y') return;
	event.preventDefault();
	if (key === 'y' || event.shiftKey) work.redo();
	else work.undo();
}
