import { Refusal } from '../answer';
import { Lane } from '../drawing/lane';

/** Two are decoded at a time, outside this thread; a large one takes some hundred megabytes while it is. */
const lane = new Lane({ abreast: 2, ofClient: 20, ofAll: 100 });

/** Does a piece of work when it is its turn. @throws Refusal where too much waits already. */
export function inTurn<T>(client: string, work: () => Promise<T>): Promise<T> {
	return new Promise((done, fail) => {
		const crowded = lane.add({ client, run: () => work().then(done, fail) });
		if (crowded !== null)
			fail(new Refusal(503, 'too-much-waits', 'Too many pictures wait to be read.', 'Bring this one a little later.'));
	});
}
