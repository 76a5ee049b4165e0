import { expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { hueOnWheel } from './hue-names';
import { turnHue, angleOn } from './turn-hue';

it('the twelve of the painter’s wheel stand 30° apart in the order of the books (Itten 1961; tests/reference/hue-wheels.json)', () => {
	expect(
		[0, 30, 60, 90, 120, 150, 180, 210, 240, 270, 300, 330].map((angle) => hueOnWheel('painter', angle)).join()
	).toBe('red,red-orange,orange,yellow-orange,yellow,yellow-green,green,blue-green,blue,blue-violet,violet,red-violet');
	expect(hueOnWheel('painter', 359)).toBe('red');
	expect(hueOnWheel('painter', -16)).toBe('red-violet');
});

it('a darkened hue keeps the wheel’s name: madder turned to the orange is no brown, turned to red-violet no pink', () => {
	const madder = toLinear(readColour('#b3392b'));
	const named = (by: number) => hueOnWheel('painter', angleOn('painter', turnHue(madder, 'painter', by).linear));
	expect([0, 30, 60, 330].map(named)).toEqual(['red', 'red-orange', 'orange', 'red-violet']);
});

it('the light wheel and the perceptual one are named by their own hues', () => {
	expect([0, 60, 120, 180, 240, 300].map((angle) => hueOnWheel('light', angle)).join()).toBe(
		'red,yellow,green,cyan,blue,magenta'
	);
	expect(hueOnWheel('perceptual', 264)).toBe('blue');
});
