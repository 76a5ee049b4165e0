import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { drawPlate } from '$lib/plates/draw-plate';
import { PLAIN_VIEW, seenDrawing, seenHex, VIEWS, VIEW_WORDS } from './view';

const study = newStudy('Views', '');
const drawing = drawPlate(study.plates[0]!, study.linked, 'full');

describe('views', () => {
	it('in colour nothing changes, and nothing is made anew', () => {
		expect(seenDrawing(PLAIN_VIEW, drawing)).toBe(drawing);
		expect(seenHex(PLAIN_VIEW, '#b3392b')).toBe('#b3392b');
	});

	it('by value only every colour is a true neutral of its own luminance (Y weights of IEC 61966-2-1)', () => {
		const grey = seenHex({ kind: 'value', severity: 1 }, '#0000ff');
		// Luminance 0.0722 encodes to code 76.
		expect(grey).toBe('#4c4c4c');
		for (const shape of seenDrawing({ kind: 'value', severity: 1 }, drawing).shapes)
			if (shape.kind === 'bar') expect(shape.fill).toMatch(/^#(..)\1\1$/);
	});

	it('a deficiency of severity 0 changes nothing, neutrals stay neutrals, and the words stay as they are', () => {
		for (const kind of VIEWS) {
			expect(VIEW_WORDS[kind]).toMatch(/^Seen/);
			if (kind === 'colour' || kind === 'value') continue;
			expect(seenHex({ kind, severity: 0 }, '#b3392b')).toBe('#b3392b');
			expect(seenHex({ kind, severity: 1 }, '#808080')).toBe('#808080');
			const seen = seenDrawing({ kind, severity: 1 }, drawing).shapes;
			expect(seen.filter((shape) => shape.kind === 'words')).toEqual(
				drawing.shapes.filter((shape) => shape.kind === 'words')
			);
		}
	});
});
