import { converter, differenceCiede2000, filterDeficiencyProt, formatHex } from 'culori';
import { describe, expect, it } from 'vitest';
import { BLOBS, fieldsOf } from '../../../tests/support/pictures';
import { type Of } from './drawing';
import { drawingToSvg } from './svg';
import { seenPixels, smaller } from './seen-pixels';
import { seenDrawing } from './view';

const lab = converter('lab65');
const rgb = converter('rgb');
const apart = differenceCiede2000();
const picture = fieldsOf(
	BLOBS.map((code) => [code, 4] as const),
	3
);
/** The codes of the fields in what is seen. */
const codesOf = (rgba: Uint8ClampedArray): string[] =>
	BLOBS.map((_, i) => `#${Buffer.from(rgba.subarray(16 * i, 16 * i + 3)).toString('hex')}`);

describe('a picture as it is seen', () => {
	it('as it is, it is its own bytes, in an array of their own', () => {
		const seen = seenPixels(picture, { as: 'itself' });
		expect([...seen]).toEqual([...picture.rgba]);
		expect(seen.buffer).not.toBe(picture.rgba.buffer);
	});

	it('by value only each pixel is the grey of its own L* (culori 4.0.2)', () => {
		const seen = codesOf(seenPixels(picture, { as: 'itself', view: { kind: 'value', severity: 1 } }));
		seen.forEach((code, i) => {
			expect(code).toMatch(/^#(..)\1\1$/);
			expect(Math.abs(lab(code)!.l - lab(BLOBS[i]!)!.l)).toBeLessThan(0.3);
		});
	});

	it('red-weak it is near what culori 4.0.2 has by the same authors, which encodes their matrix otherwise', () => {
		const seen = codesOf(seenPixels(picture, { as: 'itself', view: { kind: 'protan', severity: 1 } }));
		const theirs = filterDeficiencyProt(1);
		seen.forEach((code, i) => expect(apart(code, formatHex(theirs(rgb(BLOBS[i]!)!)))).toBeLessThan(12));
	});

	it('in few colours each pixel is the nearest of them by CIEDE2000 (culori 4.0.2), painted as it is to be seen', () => {
		const colours = ['#b3392b', '#2f5f86', '#e9dcc0', '#45424f'];
		const seen = codesOf(seenPixels(picture, { as: 'colours', colours, shown: colours }));
		seen.forEach((code, i) => {
			const distances = colours.map((each) => apart(each, BLOBS[i]!));
			expect(code).toBe(colours[distances.indexOf(Math.min(...distances))]);
		});
		const grey = codesOf(seenPixels(picture, { as: 'colours', colours, shown: colours.map(() => '#777777') }));
		expect(new Set(grey)).toEqual(new Set(['#777777']));
	});

	it('in few values each pixel is in the band of its L* (culori 4.0.2)', () => {
		const shown = ['#111111', '#777777', '#eeeeee'];
		const seen = codesOf(seenPixels(picture, { as: 'values', borders: [40, 70], shown }));
		seen.forEach((code, i) => {
			const { l } = lab(BLOBS[i]!)!;
			expect(code).toBe(shown[l < 40 ? 0 : l < 70 ? 1 : 2]);
		});
	});

	it('what is transparent stays so', () => {
		const half = fieldsOf([['#b3392b', 8]], 2);
		for (let i = 0; i < 8; i++) half.rgba[4 * i + 3] = 0;
		for (const seen of [
			seenPixels(half, { as: 'colours', colours: ['#2f5f86'], shown: ['#2f5f86'] }),
			seenPixels(half, { as: 'values', borders: [], shown: ['#777777'] }),
			seenPixels(half, { as: 'itself', view: { kind: 'tritan', severity: 0.5 } })
		])
			expect([seen[3], seen[4 * 8 + 3]]).toEqual([0, 255]);
	});

	it('made smaller it keeps its shape and has only pixels of its own', () => {
		const small = smaller(picture, 16);
		expect([small.width, small.height]).toEqual([16, 1]);
		const codes = BLOBS.map((_, i) => `#${Buffer.from(small.rgba.subarray(4 * i, 4 * i + 3)).toString('hex')}`);
		expect(codes).toEqual(BLOBS);
		expect(smaller(picture, 999)).toBe(picture);
	});
});

describe('a picture in a drawing', () => {
	const shape: Of<'image'> = {
		kind: 'image',
		x: 10,
		y: 20,
		width: 30,
		height: 40,
		id: 'shippedcloth',
		seen: { as: 'colours', colours: ['#b3392b'], shown: ['#b3392b'] }
	};
	const drawing = { title: 'P', width: 100, height: 100, paper: '#ffffff', shapes: [shape] };

	it('stands in an SVG as data, and as a frame with a cross where it is not at hand', () => {
		expect(drawingToSvg(drawing, undefined, () => 'data:image/png;base64,AA"<')).toContain(
			'<image x="10" y="20" width="30" height="40" preserveAspectRatio="none" href="data:image/png;base64,AA&quot;&lt;"/>'
		);
		const missing = drawingToSvg(drawing);
		expect(missing).not.toContain('<image');
		expect(missing).toContain('M10 20h30v40h-30z');
	});

	it('follows a view: what is painted changes, by what it is chosen does not', () => {
		const [seen] = seenDrawing({ kind: 'value', severity: 1 }, drawing).shapes as [Of<'image'>];
		expect(seen.seen).toEqual({ as: 'colours', colours: ['#b3392b'], shown: [expect.stringMatching(/^#(..)\1\1$/)] });
	});
});
