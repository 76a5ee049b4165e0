import { describe, expect, it } from 'vitest';
import { drawPlate } from '$lib/plates/draw-plate';
import { KIND_NAMES } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { briefOf } from '$lib/study/brief/brief';
import { emptyTerms } from '$lib/study/brief/terms';
import { takenUp } from '$lib/study/brief/take-up';
import { handInOf } from '$lib/study/handed/hand-in';
import { newStudy } from '$lib/study/new-study';
import { briefPages } from './brief-page';
import { emptied } from './emptied';
import { countPortfolioPages, countWallPages, portfolioPages, thawedSmall, wallPages } from './handed-pages';
import { within } from './within';

const start = newStudy('Four intervals', '2026-11-02');
const brief = briefOf({ ...start, brief: emptyTerms('briefoftests') })!;
const handIn = handInOf(
	{ ...takenUp(brief, { maker: 'Ines Marlow', date: '' }), reflection: 'It was easy enough.' },
	{ id: 'handinoftest', at: '2026-11-15T10:10:00.000Z', pictures: {} }
)!;
const wordsOf = (shapes: readonly { kind: string }[]): string =>
	shapes.flatMap((shape) => ('words' in shape ? [(shape as { words: string }).words] : [])).join(' | ');

describe('hand-ins on paper', () => {
	it('a portfolio has what was answered, written and noted before the plates as they were', () => {
		const note = { id: 'noteoftests0', plate: handIn.study.plates[0]!.id, at: null, text: 'It leaps.' };
		const [text, plate, ...more] = [...portfolioPages([{ handIn, given: { notes: [note], mark: 'good' } }])];
		const words = wordsOf(text!.drawing.shapes);
		for (const part of [
			'Four intervals',
			'Ines Marlow, handed in on 15 November 2026',
			'Mark: good',
			'It was easy enough.',
			'On plate 1: It leaps.'
		])
			expect(words).toContain(part);
		expect(plate!.drawing).toEqual(drawPlate(handIn.study.plates[0]!, handIn.study.linked, 'full'));
		expect(more).toEqual([]);
		expect(countPortfolioPages({ handIn, given: null })).toBe(2);
		const [without] = [...portfolioPages([{ handIn, given: null }])];
		expect(wordsOf(without!.drawing.shapes)).not.toContain('It leaps.');
	});

	it('a wall has twelve sheets a page, each under its maker, within its place', () => {
		const { maker, asked, drawings } = handIn;
		const sheets = Array.from({ length: 13 }, () => ({ maker, asked, drawing: thawedSmall(drawings[0]!) }));
		const pages = [...wallPages('Four intervals', sheets)];
		expect(pages).toHaveLength(2);
		expect([1, 12, 13].map(countWallPages)).toEqual([1, 1, 2]);
		expect(wordsOf(pages[0]!.drawing.shapes).match(/Ines Marlow/g)).toHaveLength(12);
		expect([...wallPages('T', [{ maker, asked, drawing: null }])], 'one without that plate has its name').toHaveLength(
			1
		);
	});

	it.each(KIND_NAMES)('%s: a drawing within a box stays in it, with as many shapes as it has', (kind) => {
		const drawing = drawPlate(newPlate(kind, start), start.linked, 'full');
		const box = { x: 100, y: 50, width: 200, height: 100 };
		const [sheet, ...shapes] = within(drawing, box);
		expect(shapes).toHaveLength(drawing.shapes.length);
		expect(sheet).toMatchObject({ kind: 'bar', y: 50, fill: drawing.paper });
		for (const shape of shapes)
			if ('width' in shape) {
				expect(shape.x).toBeGreaterThan(99);
				expect(shape.y + shape.height).toBeLessThan(151);
			}
	});

	it.each(KIND_NAMES)('%s: emptied to be worked by hand, only what is given keeps its colour', (kind) => {
		const drawing = drawPlate(newPlate(kind, start), start.linked, 'question');
		const fills = (keep: string[]) =>
			emptied(drawing, new Set(keep)).shapes.flatMap((shape) =>
				'fill' in shape && shape.kind !== 'words' ? [shape.fill] : []
			);
		expect(fills([]).filter((fill) => !['#f4f4f4', '#e8e8e8'].includes(fill))).toEqual([]);
		expect(emptied(drawing, new Set()).shapes.some(({ kind: each }) => each === 'raster')).toBe(false);
		const bar = drawing.shapes.find((shape) => shape.kind === 'bar');
		if (bar?.kind === 'bar') expect(fills([bar.fill])).toContain(bar.fill);
	});

	it('a long brief goes on over pages, each with its title, and no line is lost', () => {
		const text = Array.from({ length: 120 }, (_, i) => `${i + 1}. Step ${i + 1} of it`).join('\n');
		const pages = briefPages({ title: 'Four intervals', text, facts: ['Due: 4 December 2026'], keep: [] });
		expect(pages.length).toBeGreaterThan(3);
		const words = pages.map(({ shapes }) => wordsOf(shapes)).join(' | ');
		for (const i of [1, 60, 120]) expect(words).toContain(`Step ${i} of it`);
		expect(pages.every(({ shapes }) => wordsOf(shapes).startsWith('Four intervals'))).toBe(true);
	});
});
