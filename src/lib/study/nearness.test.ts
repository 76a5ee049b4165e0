import { differenceCiede2000 } from 'culori';
import { expect, it } from 'vitest';
import { asNear, MOST_NEAR, nearTexts, paletteQuerySchema } from '$lib/model/palette';
import { nearnessOf } from './nearness';

const apart = differenceCiede2000();
const palette = { colours: ['#b3392b', '#d9b036', '#2f5f86'].map((text) => ({ name: text, text })) };

it('a palette is as near to some colours as its nearest to each is, in the mean (culori 4.0.2)', () => {
	const texts = ['#c04a3a', 'hsl(210 50% 35%)', '#ffffff'];
	const mean =
		texts.reduce((sum, text) => sum + Math.min(...palette.colours.map((each) => apart(each.text, text))), 0) / 3;
	const found = nearnessOf(palette, asNear(texts))!;
	expect(found.distance).toBeCloseTo(mean, 2);
	expect(found.nearest.text).toBe('#b3392b');
	expect(nearnessOf({ colours: [] }, '#ffffff')).toBeNull();
	expect(nearnessOf(palette, '')).toBeNull();
});

it('a question names one colour, some, or none; what is no colour is refused', () => {
	expect(nearTexts(paletteQuerySchema.parse({ near: ' #fff ; rgb(1 2 3);' }).near)).toEqual(['#fff', 'rgb(1 2 3)']);
	expect(paletteQuerySchema.parse({}).near).toBe('');
	expect(paletteQuerySchema.safeParse({ near: '#fff;weld' }).success).toBe(false);
	expect(
		paletteQuerySchema.safeParse({ near: Array.from({ length: MOST_NEAR + 1 }, () => '#fff').join(';') }).success
	).toBe(false);
});
