import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sheetsOf, type Page, type Room } from './sheets';

/** A4 upright within its margins; three codes to a line. */
const ROOM: Room = {
	width: 523,
	height: 732,
	lineHeight: 11,
	linesOf: (codes) =>
		Array.from({ length: Math.ceil(codes.length / 3) }, (_, i) => codes.slice(3 * i, 3 * i + 3).join())
};

const pageOf = (width: number, height: number, codes: readonly string[] = []): Page => ({
	drawing: { title: '', width, height, paper: '#ffffff', shapes: [] },
	says: () => '',
	codes
});
const PLATE = pageOf(792, 560);

describe('drawings on paper', () => {
	it('plates of the usual form stand one a page across, and upright two', () => {
		const three = [PLATE, PLATE, PLATE];
		expect(
			[...sheetsOf(three, { ...ROOM, width: 770, height: 485 }, false)].map(({ placed }) => placed.length)
		).toEqual([1, 1, 1]);
		const letter = { ...ROOM, width: 540, height: 682 };
		for (const room of [ROOM, letter])
			expect([...sheetsOf(three, room, true)].map(({ placed }) => placed.length)).toEqual([2, 1]);
		expect([...sheetsOf([PLATE, pageOf(792, 1000)], ROOM, true)].map(({ placed }) => placed.length)).toEqual([1, 1]);
	});

	it('of any size keep their order and proportions, lie within the room over their codes, and do not touch', () => {
		const anyPage = fc
			.record({
				width: fc.integer({ min: 100, max: 2000 }),
				height: fc.integer({ min: 50, max: 3000 }),
				codes: fc.array(fc.constantFrom('#b3392b', '#d9b036', '#2f5f86', '#8f9a5b', '#3c3a3f'), { maxLength: 5 })
			})
			.map(({ width, height, codes }) => pageOf(width, height, codes));
		fc.assert(
			fc.property(fc.array(anyPage, { minLength: 1, maxLength: 9 }), fc.boolean(), (pages, together) => {
				const sheets = [...sheetsOf(pages, ROOM, together)];
				expect(sheets.flatMap(({ placed }) => placed.map(({ drawing }) => drawing))).toEqual(
					pages.map(({ drawing }) => drawing)
				);
				for (const { placed, lines } of sheets) {
					let below = 0;
					for (const { drawing, scale, x, y } of placed) {
						expect(x).toBeGreaterThanOrEqual(-1e-6);
						expect(x + scale * drawing.width).toBeLessThanOrEqual(ROOM.width + 1e-6);
						expect(y).toBeGreaterThanOrEqual(below);
						below = y + scale * drawing.height + 1;
					}
					expect(below - 1).toBeLessThanOrEqual(ROOM.height - lines.length * ROOM.lineHeight + 1e-6);
				}
				if (!together) expect(sheets).toHaveLength(pages.length);
			}),
			{ seed: 11, numRuns: 300 }
		);
	});

	it('the codes of two plates on a page stand on lines of their own that begin with the plate’s title, those of one without', () => {
		const named = (title: string, codes: string[]): Page => {
			const page = pageOf(792, 400, codes);
			return { ...page, drawing: { ...page.drawing, title } };
		};
		const pages = [
			named('Madder', ['Figure #b3392b', 'Ground #d9b036']),
			named('Bare', []),
			named('Woad', ['Figure #2f5f86'])
		];
		expect([...sheetsOf(pages, { ...ROOM, height: 2000 }, true)].map(({ lines }) => lines)).toEqual([
			['Madder: Figure #b3392b,Ground #d9b036', 'Woad: Figure #2f5f86']
		]);
		expect([...sheetsOf(pages, ROOM, false)].map(({ lines }) => lines)).toEqual([
			['Figure #b3392b,Ground #d9b036'],
			[],
			['Figure #2f5f86']
		]);
	});
});
