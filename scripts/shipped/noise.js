// Numbers that look like chance and are the same at every run.

/** One number 0–1 for a whole place and a seed. */
export function hash(x, y, seed) {
	let h = Math.imul(x | 0, 374761393) + Math.imul(y | 0, 668265263) + Math.imul(seed | 0, 974634777);
	h = Math.imul(h ^ (h >>> 13), 1274126177);
	return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** From 0 at one border to 1 at the other, softly. */
export function soft(from, to, x) {
	const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
	return t * t * (3 - 2 * t);
}

/** Noise 0–1 without leaps. */
export function noise(x, y, seed) {
	const [i, j] = [Math.floor(x), Math.floor(y)];
	const [u, v] = [soft(0, 1, x - i), soft(0, 1, y - j)];
	const [a, b, c, d] = [hash(i, j, seed), hash(i + 1, j, seed), hash(i, j + 1, seed), hash(i + 1, j + 1, seed)];
	return a + (b - a) * u + (c - a) * v + (a - b - c + d) * u * v;
}

/** Noise upon finer noise, 0–1. */
export function rough(x, y, seed, octaves = 4) {
	let [sum, weight, all] = [0, 0.5, 0];
	for (let k = 0; k < octaves; k++) {
		sum += weight * noise(x, y, seed + k);
		all += weight;
		weight *= 0.5;
		[x, y] = [x * 2.03 + 11, y * 2.03 + 7];
	}
	return sum / all;
}

const decode = (byte) => (byte / 255 <= 0.04045 ? byte / 255 / 12.92 : ((byte / 255 + 0.055) / 1.055) ** 2.4);
/** A code as linear light. */
export const linear = (hex) => [1, 3, 5].map((i) => decode(Number.parseInt(hex.slice(i, i + 2), 16)));
export const between = (one, other, share) => one.map((value, i) => value + (other[i] - value) * share);

/** What the dye garden gives. */
export const DYES = {
	madder: linear('#a63f31'),
	weld: linear('#d0a73e'),
	woad: linear('#345a7f'),
	pale: linear('#8a9fb4'),
	walnut: linear('#5b4636'),
	lichen: linear('#818a58'),
	gall: linear('#3c3a40'),
	wool: linear('#ded0b6'),
	rose: linear('#c77b63'),
	wall: linear('#a79b8d'),
	wood: linear('#6e5440')
};
