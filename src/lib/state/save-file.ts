/** Hands a text to the person as a file. */
export function saveFile(name: string, type: string, text: string): void {
	saveBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));
}

/** Hands anything to the person as a file. */
export function saveBlob(name: string, blob: Blob): void {
	const url = URL.createObjectURL(blob);
	const link = document.createElement('a');
	link.href = url;
	link.download = name;
	document.body.append(link);
	link.click();
	link.remove();
	setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A file name made of a wall's name. */
export function fileName(name: string, ending: string): string {
	const plain = name
		.toLowerCase()
		.normalize('NFKD')
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60);
	return `${plain || 'wall'}.${ending}`;
}
