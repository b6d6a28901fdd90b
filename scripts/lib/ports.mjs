import { createServer, connect } from 'node:net';

const HOST = '127.0.0.1';

function free(port) {
	return new Promise((resolve) => {
		const server = createServer();
		server.once('error', () => resolve(null));
		server.listen(port, HOST, () => {
			const got = server.address().port;
			server.close(() => resolve(got));
		});
	});
}

/** The wanted port, or the next free one; 0 asks for any. */
export async function freePort(wanted = 0) {
	for (let port = wanted; port < wanted + 50; port++) {
		const got = await free(port);
		if (got) return got;
	}
	throw new Error(`No free port from ${wanted} on`);
}

/** Does anything listen there? */
export function listens(port) {
	return new Promise((resolve) => {
		const socket = connect(port, HOST);
		socket.once('connect', () => {
			socket.destroy();
			resolve(true);
		});
		socket.once('error', () => resolve(false));
	});
}
