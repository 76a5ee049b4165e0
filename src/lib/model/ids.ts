import { z } from 'zod';

const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** Names a study, plate, scale or linked colour: 6 to 24 small letters and digits. */
export const idSchema = z.string().regex(/^[0-9a-z]{6,24}$/, 'an id of 6 to 24 small letters and digits');

/** A new id of 12 letters: 60 bits, so two never meet. Letters that look alike are left out. */
export function newId(): string {
	const bytes = crypto.getRandomValues(new Uint8Array(12));
	return Array.from(bytes, (byte) => LETTERS[byte & 31]).join('');
}
