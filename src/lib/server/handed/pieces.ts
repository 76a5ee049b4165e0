import { z } from 'zod';
import { Refusal } from '../answer';
import { type Queries } from '../database/database';

/** Letters of a piece: so few that keeping one takes no longer than keeping a study. */
const PIECE = 262_144;

/** Where the first piece of a text ends: not between the two halves of one letter (UTF-16 surrogates). */
function endOfPiece(text: string): number {
	const last = text.charCodeAt(PIECE - 1);
	return last >= 0xd800 && last < 0xdc00 ? PIECE - 1 : PIECE;
}

/** A text that comes in parts of any length, in pieces of about one length. */
export async function* inPieces(parts: AsyncIterable<string> | Iterable<string>): AsyncGenerator<string> {
	let held = '';
	for await (const part of parts) {
		held += part;
		while (held.length > PIECE) {
			const end = endOfPiece(held);
			yield held.slice(0, end);
			held = held.slice(end);
		}
	}
	yield held;
}

/** Keeps the pieces of a file under its name, one statement each: whoever else asks meanwhile has their turn between two. */
export async function keepPieces(database: Queries, body: string, pieces: AsyncIterable<string>): Promise<void> {
	let number = 0;
	for await (const piece of pieces)
		await database.query(
			'insert into hand_in_piece (body, number, piece) values ($1, $2, $3) on conflict (body, number) do nothing',
			[body, number++, piece]
		);
}

/** Forgets the pieces that no hand-in names, of one file or of all: what broke off before it was kept, or was forgotten since. */
export async function forgetPieces(database: Queries, body: string | null = null): Promise<void> {
	await database.query(
		`delete from hand_in_piece where ($1::text is null or body = $1)
		and not exists (select from hand_in where hand_in.body = hand_in_piece.body)`,
		[body]
	);
}

const row = z.object({ piece: z.string() });

/** The pieces of a file in their order, each read when it is asked for. @throws Refusal where it was taken away meanwhile */
export async function* readPieces(database: Queries, body: string, count: number): AsyncGenerator<string> {
	for (let number = 0; number < count; number++) {
		const [found] = await database.query('select piece from hand_in_piece where body = $1 and number = $2', [
			body,
			number
		]);
		if (!found)
			throw new Refusal(410, 'deleted', 'This hand-in was deleted while it was read.', 'Load the page again.');
		yield row.parse(found).piece;
	}
}
