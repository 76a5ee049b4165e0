// A database that says it is open and ends with the first question: one whose memory ran out, for instance.
import { parentPort } from 'node:worker_threads';

parentPort?.on('message', () => process.exit(1));
parentPort?.postMessage({ opened: true });
