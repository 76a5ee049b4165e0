import { type IncomingMessage } from 'node:http';

declare global {
	namespace App {
		/** What the server that runs us adds to a request; `vite dev` adds nothing. */
		interface Platform {
			readonly req: IncomingMessage;
		}
	}
}
