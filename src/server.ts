import compression from 'compression';
import { createServer } from 'node:http';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bodiesUpTo, onlyExpectedHosts, plainHeaders, type Middleware } from '$lib/server/http/guards';
import { MOST_OF_PICTURE } from '$lib/model/picture';
import {
	HAND_IN_ROUTE,
	HAND_IN_TOO_LARGE,
	MOST_BYTES,
	MOST_OF_HAND_IN,
	PICTURE_ROUTE,
	PICTURE_TOO_LARGE,
	TOO_LARGE
} from '$lib/server/limits';
import { listen, stopOnSignals } from '$lib/server/http/listen';
import { warmUp } from '$lib/server/http/warm-up';

/** The built server: guards in front of all that the application and its static files answer. Built beside them, see vite.server.config.ts. */
const here = dirname(fileURLToPath(import.meta.url));

process.env.RICERCAR_BUILT = here;
// The most that any route takes; each route that reads a body holds it to what is its own (server/answer.ts).
process.env.BODY_SIZE_LIMIT = String(MOST_OF_PICTURE);

// Opens the database first, so that nothing is asked before anything can be answered.
const { handler } = (await import(/* @vite-ignore */ join(here, 'app', 'handler.js'))) as { handler: Middleware };

const chain: readonly Middleware[] = [
	plainHeaders,
	onlyExpectedHosts,
	bodiesUpTo((path) =>
		path === PICTURE_ROUTE
			? { most: MOST_OF_PICTURE, detail: PICTURE_TOO_LARGE }
			: path === HAND_IN_ROUTE
				? { most: MOST_OF_HAND_IN, detail: HAND_IN_TOO_LARGE }
				: { most: MOST_BYTES, detail: TOO_LARGE }
	),
	// The quickest that is still worth it: what is saved by more is less than what others would wait for it.
	compression({ level: 2 }) as Middleware,
	handler
];

const server = createServer((request, response) => {
	const go = (i: number): void => {
		if (i < chain.length) return chain[i]!(request, response, () => go(i + 1));
		response.writeHead(404).end();
	};
	go(0);
});

stopOnSignals(server);
await warmUp(await listen(server, process.env.HOST ?? '127.0.0.1', Number(process.env.PORT ?? 4170)));
