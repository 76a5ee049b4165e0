// A scene as a height field: how high every pixel stands, what colour it is of, how much it shines.
import { hash } from './noise.js';

export const WIDTH = 1440;
export const HEIGHT = 960;
const PIXELS = WIDTH * HEIGHT;

export class Relief {
	height = new Float32Array(PIXELS);
	albedo = new Float32Array(3 * PIXELS);
	sheen = new Float32Array(PIXELS);

	/** Puts something at a pixel, in this colour (linear), so much lighter or darker. */
	put(x, y, height, colour, shade = 1, sheen = 0) {
		const p = y * WIDTH + x;
		this.height[p] = height;
		for (let c = 0; c < 3; c++) this.albedo[3 * p + c] = colour[c] * shade;
		this.sheen[p] = sheen;
	}

	/** The same where nothing higher stands. */
	lay(x, y, height, ...what) {
		if (x >= 0 && y >= 0 && x < WIDTH && y < HEIGHT && height > this.height[y * WIDTH + x])
			this.put(x, y, height, ...what);
	}

	at = (x, y) => this.height[Math.min(HEIGHT - 1, Math.max(0, y)) * WIDTH + Math.min(WIDTH - 1, Math.max(0, x))];
}

/** A field blurred by a box, once across and once down. */
export function blurred(field, radius) {
	const size = 2 * radius + 1;
	const across = new Float32Array(PIXELS);
	const both = new Float32Array(PIXELS);
	const run = (from, to, count, step, start) => {
		const at = (i) => from[start + step * Math.min(count - 1, Math.max(0, i))];
		let sum = 0;
		for (let i = -radius; i <= radius; i++) sum += at(i);
		for (let i = 0; i < count; i++) {
			to[start + step * i] = sum / size;
			sum += at(i + radius + 1) - at(i - radius);
		}
	};
	for (let y = 0; y < HEIGHT; y++) run(field, across, WIDTH, 1, y * WIDTH);
	for (let x = 0; x < WIDTH; x++) run(across, both, HEIGHT, WIDTH, x);
	return both;
}

/** How much of the sun reaches a pixel, 0–1: the field is followed towards it. */
function sunlit(relief, x, y, [dx, dy, dz], top) {
	const from = relief.at(x, y);
	const jitter = hash(x, y, 99);
	let share = 1;
	for (let k = 0; k < 44; k++) {
		const t = 2 + (k + jitter) * 5.2;
		const [X, Y] = [Math.floor(x + dx * t), Math.floor(y + dy * t)];
		const ray = from + 1.5 + dz * t;
		if (X < 0 || Y < 0 || X >= WIDTH || ray > top) break;
		share = Math.min(share, ((ray - relief.at(X, Y)) / t) * 5.5 + 0.55);
		if (share <= 0) return 0;
	}
	return share;
}

/** Which way a pixel faces; cloth and the like are read from the smoothed field, so that threads do not glitter. */
function facing(relief, smooth, x, y) {
	const p = y * WIDTH + x;
	const [left, right] = [Math.max(0, x - 1), Math.min(WIDTH - 1, x + 1)];
	const [up, down] = [Math.max(0, y - 1), Math.min(HEIGHT - 1, y + 1)];
	const share = relief.sheen[p] > 0.45 ? 0.78 : 0;
	const slope = (field, one, other) => field[one] - field[other];
	const mixed = (one, other) =>
		0.5 * (slope(relief.height, one, other) * (1 - share) + slope(smooth, one, other) * share);
	const nx = Math.max(-4, Math.min(4, mixed(y * WIDTH + left, y * WIDTH + right)));
	const ny = Math.max(-4, Math.min(4, mixed(up * WIDTH + x, down * WIDTH + x)));
	const length = Math.hypot(nx, ny, 1.05);
	return [nx / length, ny / length, 1.05 / length];
}

/**
 * Lights a relief: a sun with its shadows, the sky, light thrown up from below and from thing to thing.
 * `light` has the sun's `way` and colour `sun`, `sky` and `below`, and may hold the sun back at a place (`mask`, 0–1).
 * Linear light, three numbers a pixel.
 */
export function lighted(relief, { way, sun, sky, below, mask = () => 1, exposure = 1.2 }) {
	const { albedo, sheen, height } = relief;
	const smooth = blurred(blurred(height, 2), 2);
	const near = blurred(height, 9);
	const wide = blurred(blurred(height, 30), 24);
	const top = height.reduce((most, each) => Math.max(most, each), 0);
	const lit = new Float32Array(3 * PIXELS);
	for (let y = 0; y < HEIGHT; y++)
		for (let x = 0; x < WIDTH; x++) {
			const p = y * WIDTH + x;
			const [nx, ny, nz] = facing(relief, smooth, x, y);
			const [dx, dy, dz] = way;
			const direct = Math.max(0, (nx * dx + ny * dy + nz * dz + 0.12) / 1.12) * sunlit(relief, x, y, way, top);
			const open = openness(height[p], near[p], wide[p]);
			const byShare = [
				direct * mask(x, y),
				(0.62 + 0.42 * nx + 0.12 * nz) * open,
				Math.max(0, 0.25 + 0.75 * ny) * open
			];
			const glint = sheen[p] * Math.pow(1 - nz, 2.2);
			for (let c = 0; c < 3; c++) {
				const own = albedo[3 * p + c];
				const shine = glint * 0.1 * (sky[c] * open + sun[c] * byShare[0]) * Math.sqrt(Math.max(0, own));
				lit[3 * p + c] = own * (sun[c] * byShare[0] + sky[c] * byShare[1] + below[c] * byShare[2]) + shine;
			}
		}
	return exposed(thrown(lit, albedo, height, near), exposure);
}

/** How much of the sky a place sees: less in a hollow. */
const openness = (height, near, wide) =>
	Math.max(0.22, Math.min(1.15, 1 - 0.016 * Math.max(-8, near - height) - 0.0065 * Math.max(-16, wide - height)));

/** Adds light that goes from thing to thing. */
function thrown(lit, albedo, height, near) {
	const around = [0, 1, 2].map((c) =>
		blurred(
			blurred(
				lit.filter((_, i) => i % 3 === c),
				34
			),
			26
		)
	);
	return lit.map((own, i) => {
		const p = (i / 3) | 0;
		const open = Math.max(0.3, Math.min(1, 1 - 0.012 * Math.max(0, near[p] - height[p])));
		return own + 0.42 * albedo[i] * around[i % 3][p] * open;
	});
}

/** How much darker a lens draws what lies away from the middle. */
const vignette = (x, y) => 1 - 0.2 * (((x / WIDTH - 0.48) / 0.7) ** 2 + ((y / HEIGHT - 0.48) / 0.75) ** 2);

/** Linear light as a film takes it: bright parts come near white without reaching it, and lose some of their colour. */
const exposed = (light, exposure) =>
	light.map((value, i) => {
		const first = i - (i % 3);
		const grey = 0.25 * light[first] + 0.6 * light[first + 1] + 0.15 * light[first + 2];
		const dull = 0.12 + 0.2 * Math.min(1, grey);
		const p = (i / 3) | 0;
		return 1 - Math.exp(-exposure * (value * (1 - dull) + grey * dull) * vignette(p % WIDTH, (p / WIDTH) | 0));
	});

/** Linear light as bytes, with a trace of grain. */
export function developed(light, grain = 0.008) {
	const bytes = Buffer.alloc(light.length);
	for (let i = 0; i < light.length; i++) {
		const value = light[i] <= 0.0031308 ? light[i] * 12.92 : 1.055 * light[i] ** (1 / 2.4) - 0.055;
		const off = (hash(i % (3 * WIDTH), (i / (3 * WIDTH)) | 0, 60) - 0.5) * grain;
		bytes[i] = Math.max(0, Math.min(255, Math.round((value + off) * 255)));
	}
	return bytes;
}
