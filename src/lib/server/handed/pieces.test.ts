import fc from 'fast-check';
import { expect, it } from 'vitest';
import { inPieces } from './pieces';

const piecesOf = async (parts: readonly string[]): Promise<string[]> => {
	const pieces: string[] = [];
	for await (const piece of inPieces(parts)) pieces.push(piece);
	return pieces;
};

it('a text in pieces is the same text, none longer than another may be, and no letter is cut in two', async () => {
	const long = fc.string({ unit: 'binary', minLength: 1, maxLength: 40 }).map((text) => text.repeat(20_000));
	await fc.assert(
		fc.asyncProperty(fc.array(long, { maxLength: 4 }), async (parts) => {
			const pieces = await piecesOf(parts);
			expect(pieces.join('')).toBe(parts.join(''));
			for (const piece of pieces) {
				expect(piece.length).toBeLessThanOrEqual(262_144);
				expect(piece.isWellFormed?.() ?? Buffer.from(piece).toString() === piece).toBe(true);
			}
		}),
		{ numRuns: 25 }
	);
});
