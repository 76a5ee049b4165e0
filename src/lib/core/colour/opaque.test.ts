import { blend, formatHex } from 'culori';
import { expect, it } from 'vitest';
import { isSeeThrough, onWhite } from './opaque';
import { readColour } from './read';

it('a see-through colour on white is what W3C Compositing and Blending Level 1 makes of it (blend of culori 4.0.2)', () => {
	for (const text of ['rgb(179 57 43 / 50%)', 'rgb(0 0 0 / 25%)', '#2f5f8680', '#00ff0001', 'rgb(255 255 255 / 0)'])
		expect(onWhite(readColour(text)), text).toBe(formatHex(blend(['#ffffff', text], 'normal', 'rgb')));
});

it('transparent is white on white, not black, and an opaque colour is its own code', () => {
	expect(onWhite(readColour('transparent'))).toBe('#ffffff');
	expect(isSeeThrough(readColour('transparent'))).toBe(true);
	expect(onWhite(readColour('#b3392b'))).toBe('#b3392b');
	expect(isSeeThrough(readColour('#b3392b'))).toBe(false);
});
