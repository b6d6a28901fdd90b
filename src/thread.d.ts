/** The source of a worker thread of the server, with all that it imports. */
declare module '*?thread' {
	const code: string;
	export default code;
}
