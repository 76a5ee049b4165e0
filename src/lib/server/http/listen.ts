import { type Server } from 'node:http';

const addressOf = (host: string, port: number): string => `http://${host.includes(':') ? `[${host}]` : host}:${port}`;

/** Listens, says where, and gives the address; where that cannot be, says why in one line and ends the process. */
export function listen(server: Server, host: string, port: number): Promise<string> {
	return new Promise((listening) => {
		server.once('error', ({ code, message }: NodeJS.ErrnoException) => {
			const reason =
				code === 'EADDRINUSE'
					? `Something already listens at ${addressOf(host, port)}. Stop it, or choose another port with PORT.`
					: `The server could not listen at ${addressOf(host, port)}: ${message}`;
			console.error(reason);
			shutDown();
			setTimeout(() => process.exit(1), 5000).unref();
			process.exitCode = 1;
		});
		server.listen(port, host, () => {
			process.stdout.write(`Listening on ${addressOf(host, port)}\n`);
			listening(addressOf(host, port));
		});
	});
}

/** Tells the application that no more requests come: it closes its database and ends the process. */
const shutDown = (): boolean => process.emit('sveltekit:shutdown' as 'exit', 0);

/** Seconds that requests under way have to end. */
const patience = (): number => Number(process.env.SHUTDOWN_TIMEOUT ?? 30);

/** On SIGTERM and SIGINT takes no more requests, lets those under way end, and then shuts down. */
export function stopOnSignals(server: Server): void {
	let stopping = false;
	const stop = (): void => {
		if (stopping) return;
		stopping = true;
		server.close(() => shutDown());
		server.closeIdleConnections();
		setTimeout(() => server.closeAllConnections(), 1000 * patience()).unref();
	};
	server.on('request', (_request, response) => {
		// A connection that falls idle while we stop is not kept for another request.
		response.once('close', () => stopping && server.closeIdleConnections());
	});
	process.on('SIGTERM', stop);
	process.on('SIGINT', stop);
}
