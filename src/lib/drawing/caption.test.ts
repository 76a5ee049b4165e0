import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_CAPTION } from '$lib/model/plate-fields';
import { captionHeight, withCaption } from './caption';
import { type Drawing } from './drawing';

const bare: Drawing = { title: 'Bare', width: 792, height: 560, paper: '#ffffff', shapes: [] };
const linesIn = ({ shapes }: Drawing) => shapes.flatMap((shape) => (shape.kind === 'words' ? [shape] : []));

describe('a caption', () => {
	it('stands under the drawing, which grows by what it takes, and by nothing without one', () => {
		expect(withCaption(bare)).toBe(bare);
		expect(withCaption(bare, '   ')).toBe(bare);
		expect(captionHeight()).toBe(0);
		const drawing = withCaption(bare, 'The ground cloth must not outshout the selvedges.');
		const [line] = linesIn(drawing);
		expect(line!.words).toBe('The ground cloth must not outshout the selvedges.');
		expect(line!.y).toBeGreaterThan(560);
		expect(line!.y).toBeLessThan(drawing.height);
		expect(drawing.height).toBe(560 + captionHeight('The ground cloth must not outshout the selvedges.'));
	});

	it('loses no word and no letter, whatever is written, and no line is wider than the sheet', () => {
		const text = fc.string({ maxLength: MOST_CAPTION, unit: 'grapheme' }).map((each) => each.replace(/\s+/g, ' '));
		fc.assert(
			fc.property(text, (caption) => {
				const drawing = withCaption(bare, caption);
				const lines = linesIn(drawing);
				expect(
					lines
						.map(({ words }) => words)
						.join('')
						.replaceAll(' ', '')
				).toBe(caption.replaceAll(' ', ''));
				for (const { words, y } of lines) {
					expect(words.length).toBeLessThanOrEqual(120);
					expect(words.isWellFormed()).toBe(true);
					expect(y).toBeLessThan(drawing.height);
				}
			}),
			{ numRuns: 300, seed: 4 }
		);
	});
});
