// The saltmarsh at dusk: a sky that goes out, its light in the creeks, grasses and sea lavender before it.
import { between, hash, linear, noise, rough, soft } from './noise.js';
import { HEIGHT, WIDTH } from './relief.js';

const HORIZON = 400;
/** The sky from above down to the horizon. */
const SKY = [
	[0, linear('#2c4268')],
	[0.35, linear('#5a6a96')],
	[0.62, linear('#a58aa6')],
	[0.82, linear('#e2a284')],
	[1, linear('#f6c877')]
];

function gradient(stops, t) {
	const i = Math.max(
		1,
		stops.findIndex(([at]) => at >= Math.min(1, t))
	);
	const [[from, one], [to, other]] = [stops[i - 1], stops[i]];
	return between(one, other, Math.max(0, Math.min(1, (t - from) / (to - from))));
}

/** The sky at a place above the horizon, clouds lit from below by the sun that has just gone. */
function sky(x, y) {
	const t = Math.max(0, y) / HORIZON;
	const glow = Math.exp(-(((x - 980) / 420) ** 2)) * t ** 2.4;
	const clear = between(gradient(SKY, t), linear('#ffd98c'), 0.6 * glow);
	const flat = 1 / (1.08 - t);
	const cloud = soft(0.5, 0.72, rough((x / 330) * (0.6 + 0.16 * flat), (y / 60) * flat ** 0.4 + 3, 14, 6));
	const under = soft(0.42, 0.75, rough(x / 330, (y + 22) / 60, 14, 6));
	const colour = between(
		linear('#4a4a6c'),
		between(linear('#ef9a6c'), linear('#ffdc9a'), glow),
		(0.25 + 0.75 * t) * (1 - 0.7 * under)
	);
	return between(clear, colour, cloud * 0.86);
}

/** How far a place lies from the middle of a creek, in its own half widths. */
function creek(x, y) {
	const d = (y - HORIZON) / (HEIGHT - HORIZON);
	const first = 860 + 330 * Math.sin(3.3 * Math.sqrt(d) * 2 + 0.4) * d ** 0.7 - 60 * d;
	const second = 420 - 260 * d + 150 * Math.sin(9 * Math.sqrt(d)) * d;
	const wobble = 16 * (rough(x / 60, y / 24, 6) - 0.5);
	return Math.min(
		Math.abs(x - first + wobble) / (14 + 190 * d ** 1.3),
		Math.abs(x - second + wobble) / (6 + 70 * d ** 1.3)
	);
}

function water(x, y) {
	const d = (y - HORIZON) / (HEIGHT - HORIZON);
	const ripple = 26 * (rough(x / (12 + 60 * d), y / (1.5 + 7 * d), 23, 4) - 0.5) * (0.3 + d);
	const seen = sky(x + ripple * 2, HORIZON - (y - HORIZON) * 0.62 + ripple);
	return between(
		seen.map((c) => 0.86 * c),
		linear('#243449'),
		0.16 + 0.34 * d
	);
}

/** Mud and low growth between the creeks. */
function flats(x, y) {
	const d = (y - HORIZON) / (HEIGHT - HORIZON);
	const grain = rough(x / (20 + 40 * d), y / (3 + 14 * d), 41, 5);
	const near = between(linear('#6a5f52'), linear('#3c3a34'), soft(0, 0.8, d));
	return between(near, linear('#8a7a4c'), 0.7 * soft(0.4, 0.7, grain)).map((c) => c * (0.55 + 0.7 * grain));
}

/** One blade or stem, thinner upwards, lit at the side of the glow. */
function blade(light, x, y, long, lean, colour, broad) {
	for (let k = 0; k < long; k++) {
		const t = k / long;
		const half = broad * (1 - t) + 0.4;
		const middle = x + lean * long * t * t;
		for (let X = Math.floor(middle - half); X <= middle + half; X++) {
			const Y = Math.round(y - k);
			if (X < 0 || X >= WIDTH || Y < 0 || Y >= HEIGHT) continue;
			const lit = 0.55 + 0.6 * t + (X > middle ? 0.28 : 0);
			for (let c = 0; c < 3; c++) light[3 * (Y * WIDTH + X) + c] = colour[c] * lit;
		}
	}
}

const GRASSES = [linear('#7d7440'), linear('#a08848'), linear('#4d5638'), linear('#5d6a4a'), linear('#c29a55')];
const LAVENDER = [linear('#8a6fa6'), linear('#b093bd')];

function grasses(light) {
	for (let k = 0; k < 26000; k++) {
		const d = (k / 26000) ** 0.8;
		const y = HORIZON + 8 + (HEIGHT + 40 - HORIZON) * d;
		const x = hash(k, 1, 3) * WIDTH;
		if (creek(x, Math.min(HEIGHT, y)) < 1.12 || noise(x / (40 + 90 * d), y / (14 + 40 * d), 9) < 0.34) continue;
		const tuft = noise(x / (16 + 60 * d), y / (9 + 30 * d), 31);
		const long = (4 + 74 * d ** 1.3) * (0.5 + hash(k, 2, 3) * 0.8) * (0.5 + tuft);
		const colour = GRASSES[Math.floor(hash(k, 3, 3) * GRASSES.length)].map((c) => c * (1.05 - 0.5 * d));
		blade(light, x, y, long, (hash(k, 4, 3) - 0.42) * 0.7, colour, 0.5 + 2.1 * d);
		if (hash(k, 5, 3) < 0.1 && noise(x / 170, y / 70, 77) > 0.5) bloom(light, x, y - long * 0.8, 1 + 7 * d, k);
	}
}

function bloom(light, x, y, r, seed) {
	for (let n = 0; n < 16; n++) {
		const [dx, dy] = [(hash(seed, n, 1) - 0.5) * 4 * r, (hash(seed, n, 2) - 0.5) * 2.2 * r];
		blade(
			light,
			x + dx,
			y + dy,
			0.9 * r + 1,
			0,
			LAVENDER[n % 2].map((c) => c * (0.5 + 0.7 * hash(seed, n, 4))),
			0.3 * r
		);
	}
}

/** The far shore: a dark line with some trees and the roof of the dye house. */
function shore(light) {
	for (let x = 0; x < WIDTH; x++) {
		const trees =
			10 + 30 * Math.max(0, rough(x / 46, 3, 12, 5) - 0.42) * soft(620, 200, x) * 2.4 + 8 * rough(x / 24, 5, 14);
		const roof = Math.abs(x - 1180) < 46 ? 30 - 0.34 * Math.abs(x - 1180) : 0;
		for (let y = Math.round(HORIZON - Math.max(trees, roof)); y < HORIZON + 8; y++) {
			const haze = between(linear('#3a3b4c'), linear('#7a6470'), soft(HORIZON - 40, HORIZON + 8, y));
			for (let c = 0; c < 3; c++) light[3 * (y * WIDTH + x) + c] = haze[c] * (0.9 + 0.2 * noise(x / 4, y / 4, 4));
		}
	}
}

export function marsh() {
	const light = new Float32Array(3 * WIDTH * HEIGHT);
	for (let y = 0; y < HEIGHT; y++)
		for (let x = 0; x < WIDTH; x++) {
			const above = y < HORIZON;
			const bank = above ? 1 : creek(x, y);
			const colour = above
				? sky(x, y)
				: between(
						water(x, y),
						flats(x, y).map((c) => c * (bank < 1.2 ? 0.6 : 1)),
						soft(0.97, 1.03, bank)
					);
			light.set(colour, 3 * (y * WIDTH + x));
		}
	shore(light);
	grasses(light);
	return light;
}
