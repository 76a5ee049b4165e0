import { converter } from 'culori';
import { expect, it } from 'vitest';
import { hueTowards, nearestHue } from './hue-direction';

const hueOf = (code: string): number => converter('oklch')(code)!.h!;
const RED = hueOf('#ff0000');
const YELLOW = hueOf('#ffff00');
const GREEN = hueOf('#00ff00');

it('the pure hues have their own words (OKLCH hues of culori 4.0.2)', () => {
	const pure = ['#ff0000', '#ff8000', '#ffff00', '#00ff00', '#00ffff', '#0000ff', '#8000ff', '#ff00ff'];
	expect(pure.map((code) => nearestHue(hueOf(code))).join()).toBe(
		'red,orange,yellow,green,blue-green,blue,violet,purple'
	);
	expect(nearestHue(2)).toBe('red');
});

it('a small turn goes towards the next hue that lies clearly ahead, never back to the one that is left', () => {
	expect(hueTowards(RED, 10)).toBe('orange');
	expect(hueTowards(RED, -10)).toBe('purple');
	expect(hueTowards(YELLOW, 10)).toBe('green');
	expect(hueTowards(YELLOW, -10)).toBe('orange');
	// Just before yellow, yellow is what is there already; green lies ahead.
	expect(hueTowards(YELLOW - 5, 12)).toBe('green');
	expect(hueTowards(YELLOW - 12, 8)).toBe('yellow');
	expect(hueTowards(355, 10)).toBe('red');
	expect(hueTowards(5, -10)).toBe('purple');
});

it('a turn of more than 30° is named by the hue that it arrives at', () => {
	expect(hueTowards(RED, 80)).toBe('yellow');
	expect(hueTowards(RED, 113)).toBe('green');
	expect(hueTowards(GREEN, -110)).toBe('red');
	expect(hueTowards(GREEN, 120)).toBe('blue');
	expect(hueTowards(RED, 30)).toBe('orange');
});
