import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/** The same thing, with the fields of every object in the order of their names, whatever order an edit or a database left them in. */
function ordered(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(ordered);
	if (typeof value !== 'object' || value === null) return value;
	const fields = Object.entries(value).filter(([, each]) => each !== undefined);
	return Object.fromEntries(
		fields.sort(([one], [other]) => (one < other ? -1 : 1)).map(([key, each]) => [key, ordered(each)])
	);
}

/**
 * By what two copies of a thing are known as the same: SHA-256 (FIPS 180-4) of its JSON, 64 hexadecimal digits. It tells accidents;
 * whoever wants to can write another one.
 */
export const fingerprintOf = (thing: unknown): string =>
	bytesToHex(sha256(utf8ToBytes(JSON.stringify(ordered(thing)))));
