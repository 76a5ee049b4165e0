import { expect, it } from 'vitest';
import { KIND_NAMES } from '$lib/plates/kinds';
import { drawPlate } from '$lib/plates/draw-plate';
import { newPlate } from '$lib/plates/new-plate';
import { newStudy } from '$lib/study/new-study';
import { withoutCodes, withoutNumbers } from './without-numbers';
import { words } from './words';

const wordsOf = (texts: readonly string[]): string[] =>
	withoutNumbers({
		title: 'Any',
		width: 100,
		height: 100,
		paper: '#ffffff',
		shapes: texts.map((text) => words(0, 0, text))
	}).shapes.map((shape) => (shape.kind === 'words' ? shape.words : ''));

it('codes and numbers that stand by themselves go, words stay as they are', () => {
	expect(wordsOf(['64', '#b3392b', '3  #b3392b', '1 · 64', '38 %', '7.2 ΔE00', '−12°'])).toEqual([]);
	expect(wordsOf(['Madder #b3392b', 'Four intervals', 'tints, 5 between', '2 · Weld'])).toEqual([
		'Madder',
		'Four intervals',
		'tints, 5 between',
		'Weld'
	]);
});

it('said words lose the code and the value, and nothing else', () => {
	expect(withoutCodes('Lead colour, red, #b3392b, value 42')).toBe('Lead colour, red');
	expect(withoutCodes('Figure, light quiet grey, #c9c9c9')).toBe('Figure, light quiet grey');
	expect(withoutCodes('Row 2, step 3 of 7')).toBe('Row 2, step 3 of 7');
});

it('of a new plate of every kind no code is left in words, and nothing is gone that is painted', () => {
	const study = newStudy('Anything', '2026-11-02');
	for (const kind of KIND_NAMES) {
		const drawn = drawPlate(newPlate(kind, study), study.linked, 'full');
		const { shapes } = withoutNumbers(drawn);
		const painted = drawn.shapes.filter((shape) => shape.kind !== 'words');
		expect(
			shapes.filter((shape) => shape.kind !== 'words'),
			kind
		).toEqual(painted);
		expect(shapes.filter((shape) => shape.kind === 'words' && /#[0-9a-f]{6}/i.test(shape.words))).toEqual([]);
	}
});
