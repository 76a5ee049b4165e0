import { seeded } from './colours';

/** Colours that stand well apart, of a made-up picture. */
export const BLOBS = [
	'#b3392b',
	'#d9b036',
	'#2f5f86',
	'#5b4636',
	'#8d9a5b',
	'#e9dcc0',
	'#45424f',
	'#d0735c',
	'#8fb0c4',
	'#5d7f45',
	'#5b3a52',
	'#f2f2f2',
	'#101010',
	'#c05090',
	'#30a090',
	'#8040c0'
];

/** A made-up picture of stripes with a little noise: blob k has k + 1 parts of its area. */
export function stripes(width: number, height: number, noise: number, seed = 5): Uint8Array {
	const next = seeded(seed);
	const total = BLOBS.reduce((sum, _, k) => sum + k + 1, 0);
	const rgba = new Uint8Array(4 * width * height);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			let part = (x / width) * total;
			let blob = 0;
			while (blob < BLOBS.length - 1 && (part -= blob + 1) >= 0) blob++;
			const code = parseInt(BLOBS[blob]!.slice(1), 16);
			const at = 4 * (y * width + x);
			[code >> 16, (code >> 8) & 255, code & 255].forEach(
				(byte, i) => (rgba[at + i] = Math.max(0, Math.min(255, byte + noise * (next() - 0.5))))
			);
			rgba[at + 3] = 255;
		}
	return rgba;
}

/** A picture of fields side by side, each of one code and so many columns wide. */
export function fieldsOf(fields: readonly (readonly [code: string, columns: number])[], height = 20) {
	const row = fields.flatMap(([code, columns]) =>
		Array.from({ length: columns }, () => [...Buffer.from(`${code.slice(1)}ff`, 'hex')])
	);
	return {
		rgba: Uint8Array.from(Array.from({ length: height }, () => row).flat(2)),
		width: row.length,
		height
	};
}
