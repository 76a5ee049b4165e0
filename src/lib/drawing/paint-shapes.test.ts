import { converter } from 'culori';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { hexToNumber } from '$lib/core/colour/code-number';
import { opaque } from './paint-shapes';

const rgb = converter('rgb');

it('a code is painted as the four bytes that it names (culori 4.0.2 reads it), opaque', () => {
	fc.assert(
		fc.property(fc.integer({ min: 0, max: 0xffffff }), (number) => {
			const code = `#${number.toString(16).padStart(6, '0')}`;
			const { r, g, b } = rgb(code)!;
			const bytes = new DataView(new ArrayBuffer(4));
			bytes.setUint32(0, opaque(hexToNumber(code)));
			expect([0, 1, 2, 3].map((at) => bytes.getUint8(at))).toEqual([...[r, g, b].map((c) => Math.round(255 * c)), 255]);
		}),
		{ seed: 1, numRuns: 300 }
	);
});
