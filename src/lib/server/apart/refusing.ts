import { Refusal } from '../answer';
import { type Made } from './messages';

const NO_ROOM = {
	status: 507,
	code: 'disk-full',
	title: 'No space is left for what is being made.',
	detail: 'Make room where the system keeps temporary files.'
};

/** Does a piece of work; what it refuses is plain data that travels between threads and processes. */
export async function made<T>(work: () => Promise<T> | T): Promise<Made<T>> {
	try {
		return { made: await work() };
	} catch (error) {
		if (error instanceof Error && 'code' in error && error.code === 'ENOSPC') return { refused: NO_ROOM };
		if (!(error instanceof Refusal)) throw error;
		const { status, code, title, detail } = error;
		return { refused: { status, code, title, detail } };
	}
}

/** What was made. @throws Refusal where it was refused */
export function takeMade<T>(given: Made<T>): T {
	if ('made' in given) return given.made;
	const { status, code, title, detail } = given.refused;
	throw new Refusal(status, code, title, detail);
}
