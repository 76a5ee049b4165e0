import { type RequestEvent } from '@sveltejs/kit';
import { clientOf } from './client-of';
import { type Asking } from './drawing/drawing-room';

/**
 * Has work done for a request: named as the request names it (`x-job`, so that its place can be asked after), and taken back when
 * the other side closes its connection.
 */
export async function askedBy<T>(event: RequestEvent, work: (asking: Asking) => Promise<T>): Promise<T> {
	const controller = new AbortController();
	const socket = event.platform?.req.socket;
	const abort = (): void => controller.abort();
	socket?.once('close', abort);
	try {
		return await work({
			client: clientOf(event),
			name: event.request.headers.get('x-job')?.slice(0, 40),
			signal: controller.signal
		});
	} finally {
		socket?.off('close', abort);
	}
}
