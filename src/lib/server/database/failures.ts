/** What the database said when a statement failed, without the statement and its values, which may be somebody's work. */
export class DatabaseFailure extends Error {
	override readonly name = 'DatabaseFailure';

	constructor(
		message: string,
		/** SQLSTATE, where the database gave one. */
		readonly code: string | null
	) {
		super(message);
	}
}

/** Less space is left on the disk than the database needs to write safely. */
export class OutOfSpace extends Error {
	override readonly name = 'OutOfSpace';

	/** Both in bytes. */
	constructor(
		readonly free: number,
		readonly needed: number
	) {
		super(`The disk is nearly full: ${inMegabytes(free)} MB are free, ${inMegabytes(needed)} MB are needed.`);
	}
}

export const inMegabytes = (bytes: number): number => Math.floor(bytes / 1_000_000);

/** SQLSTATEs by which PostgreSQL says that its files are not as they should be: broken data, broken index, a file missing, a failing disk. */
const DAMAGED: ReadonlySet<string> = new Set(['XX001', 'XX002', '58P01', '58030']);
/** disk_full */
const FULL = '53100';
/** admin_shutdown: also of a database whose thread has ended. */
export const ENDED = '57P01';

export const isDamage = (error: unknown): boolean =>
	error instanceof DatabaseFailure && (error.code === null || DAMAGED.has(error.code));
export const hasEnded = (error: unknown): boolean => error instanceof DatabaseFailure && error.code === ENDED;
export const isFull = (error: unknown): boolean =>
	error instanceof OutOfSpace || (error instanceof DatabaseFailure && error.code === FULL);

const ERRNO_FULL = 51;
const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
	typeof value === 'object' && value !== null;

/**
 * Anything that a database threw as a failure that can travel between threads and be logged: its message and SQLSTATE. The
 * embedded one's file layer throws plain objects with a number (WASI: 51 is "no space left on device").
 */
export function failureOf(error: unknown): DatabaseFailure {
	if (error instanceof DatabaseFailure) return error;
	if (!isObject(error)) return new DatabaseFailure(String(error), null);
	if (error.errno === ERRNO_FULL || error.code === 'ENOSPC')
		return new DatabaseFailure('No space is left on the disk.', FULL);
	const message = typeof error.message === 'string' ? error.message : 'The database gave no reason.';
	const code = typeof error.code === 'string' ? error.code : null;
	return new DatabaseFailure(message.slice(0, 500), code);
}
