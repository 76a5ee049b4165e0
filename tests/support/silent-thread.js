// A database that says it is open and then never answers again: one that hangs in the middle of a statement.
import { parentPort } from 'node:worker_threads';

parentPort?.on('message', () => {
	for (;;);
});
parentPort?.postMessage({ opened: true });
