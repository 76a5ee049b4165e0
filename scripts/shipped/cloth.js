// Cloth in the dye house: lengths hung over a pole, a swag, balls of yarn on the bench, the last sun through a door.
import { between, DYES, hash, noise, rough, soft } from './noise.js';
import { HEIGHT, lighted, Relief, WIDTH } from './relief.js';
import { ball, boards } from './things.js';

const BENCH = 806;
const POLE = { y: 92, r: 17 };

function wall(relief) {
	for (let y = 0; y < BENCH; y++)
		for (let x = 0; x < WIDTH; x++) {
			const [large, fine] = [rough(x / 90, y / 70, 3, 5), rough(x / 9, y / 9, 9, 3)];
			const stain = 0.16 * rough(x / 260, y / 200, 40) + 0.22 * soft(560, BENCH, y);
			relief.put(x, y, large * 10 + fine * 1.6, between(DYES.wall, DYES.walnut, stain), 0.82 + 0.3 * large);
		}
}

function pole(relief) {
	for (let y = POLE.y - POLE.r; y <= POLE.y + POLE.r; y++)
		for (let x = 0; x < WIDTH; x++) {
			const off = (y - POLE.y - 3 * Math.sin(x / 300)) / POLE.r;
			if (Math.abs(off) >= 1) continue;
			const grain = rough(x / 120, y / 3, 23);
			const height = 96 + POLE.r * Math.sqrt(1 - off * off) + grain;
			relief.put(x, y, height, between(DYES.wood, DYES.walnut, grain), 0.7 + 0.5 * grain);
		}
}

/** Stripes and lozenges woven into the undyed length, by the distance from its hem and from its middle. */
function woven(fromHem, off, ground) {
	const v = fromHem + 1.5;
	const within = (from, to) => v > from && v < to;
	if (within(36, 46) || within(150, 160)) return DYES.madder;
	if (within(52, 60) || within(136, 144)) return DYES.woad;
	if (within(196, 203) || within(208, 211)) return DYES.walnut;
	if (!within(64, 132)) return ground;
	const d = Math.abs(((off + 4000) % 60) - 30) / 30 + Math.abs(v - 98) / 34;
	return d < 0.34 ? DYES.weld : d < 0.62 ? DYES.wool : d < 0.98 ? DYES.madder : between(DYES.wool, DYES.walnut, 0.12);
}

/** How a length falls: a wave across it that grows downwards. */
function fold({ seed, folds, amp }, u, y, t) {
	const phase = [0, 1, 2, 3].map((k) => hash(seed, k, 77) * 2 * Math.PI);
	const w = u + 0.16 * (rough(u * 1.6 + seed, y / 330, seed) - 0.5) + 0.05 * (rough(u * 5, y / 140, seed + 4) - 0.5);
	const turn = w * Math.PI * folds;
	const main = Math.sin(
		turn * 1.55 + phase[0] + 0.9 * Math.sin(t * 1.7 + phase[3]) + 0.55 * Math.sin(w * 4 + phase[2])
	);
	const wave =
		0.78 * main + 0.34 * Math.sin(turn * 1.83 + phase[1] - t * 0.8) + 0.42 * Math.sin(turn * 0.47 + phase[2]);
	return { wave, lift: amp * (0.25 + 0.75 * soft(-0.02, 0.55, t)) * wave * Math.max(0, 1 - u * u) ** 0.16 };
}

/** A length hung over the pole. */
function hang(relief, length) {
	const { cx, width, bottom, z, seed, colour, flare = 0.12, lean = 0, band } = length;
	for (let y = POLE.y - 26; y < HEIGHT; y++) {
		const t = (y - POLE.y) / (bottom - POLE.y);
		const half =
			(width / 2) * (1 - 0.1 * Math.sin(Math.PI * Math.min(1, Math.max(0, t) * 1.3)) + flare * Math.max(0, t));
		for (let x = Math.max(0, cx - width); x < Math.min(WIDTH, cx + width); x++) {
			const u = (x - cx - lean * t * 60 + 5 * (rough(y / 60, seed, 5) - 0.5)) / half;
			if (u < -1 || u > 1) continue;
			const { wave, lift } = fold(length, u, y, t);
			const hem = bottom + 9 * wave + 10 * u * u + 7 * (rough(u * 3, seed, 31) - 0.5);
			const fringe = hem + 16 + 20 * hash(Math.floor(x / 3), seed, 55) * (x % 3 ? 1 : 0.2);
			if (y > fringe || (y > hem && x % 3 === 0)) continue;
			const over = y < POLE.y + 20 ? POLE.r * Math.sqrt(Math.max(0, 1 - ((y - POLE.y) / 27) ** 2)) + 8 : 0;
			const height = z + lift + 12 * rough(x / 130, y / 170, seed + 9) + over + Math.max(0, 18 * (1 - t));
			if (height <= relief.at(x, y) - 60) continue;
			const thread = Math.sin(x * 2.1) * Math.sin(y * 2.1);
			const shade =
				1 + 0.06 * thread + 0.12 * (noise(x / 2.2, y / 9, seed) - 0.5) + 0.1 * (noise(x / 11, y / 2.4, seed + 2) - 0.5);
			relief.put(x, y, height + 0.5 * thread, band ? band(hem - y, u * half, colour) : colour, shade, 0.5);
		}
	}
}

/** A cloth held at two points, hanging in arcs. */
function swag(relief, { x0, x1, y0, drop, broad, z, amp, seed, colour }) {
	for (let x = x0; x <= x1; x++) {
		const u = ((x - x0) / (x1 - x0)) * 2 - 1;
		const sag = drop * (1 - Math.abs(u) ** 1.7);
		const thick = broad * (1 - 0.8 * Math.abs(u) ** 2.2) + 12;
		for (let k = 0; k < thick; k++) {
			const y = Math.round(y0 + sag * 0.42 + k * (0.35 + 0.65 * (1 - u * u * 0.6)));
			const q = k / thick;
			const w = q + 0.05 * (rough(u * 2, q * 3, seed) - 0.5);
			const wave = 0.75 * Math.sin(w * Math.PI * 7.4 + 0.9) + 0.3 * Math.sin(w * 9.3 * Math.PI + u * 1.7);
			const edge = Math.max(0, Math.sin(Math.PI * q)) ** 0.3;
			const height = z + amp * wave * edge * (1 - 0.55 * u * u) + 14 * edge + 8 * rough(x / 90, y / 90, seed);
			if (y < 0 || y >= HEIGHT || height <= relief.at(x, y) - 60) continue;
			relief.put(
				x,
				y,
				height,
				colour,
				1 + 0.06 * Math.sin(x * 2.1) * Math.sin(y * 2.1) + 0.12 * (noise(x / 9, y / 2.4, seed) - 0.5),
				0.55
			);
		}
	}
}

/** The sun comes through a door: a slanted field with soft edges. */
function door(x, y) {
	const q = x + 0.55 * y;
	const open = soft(-60, 210, q) * (1 - soft(1060, 1300, q)) + 0.16 * soft(1380, 1460, q) * (1 - soft(1540, 1640, q));
	const bar = 1 - 0.9 * soft(700, 730, q) * (1 - soft(770, 800, q));
	return 0.06 + 0.94 * open * bar * (1 - 0.35 * soft(700, 900, y));
}

export function cloth() {
	const relief = new Relief();
	wall(relief);
	boards(relief, BENCH, HEIGHT, 210);
	pole(relief);
	const { madder, weld, woad, pale, walnut, lichen, gall, wool, rose } = DYES;
	hang(relief, {
		cx: 1215,
		width: 330,
		bottom: 690,
		z: 92,
		folds: 4.2,
		amp: 36,
		seed: 5,
		colour: between(walnut, madder, 0.12),
		lean: 0.2
	});
	hang(relief, { cx: 250, width: 380, bottom: 700, z: 96, folds: 5.1, amp: 40, seed: 1, colour: woad });
	hang(relief, { cx: 955, width: 330, bottom: 640, z: 112, folds: 4.1, amp: 40, seed: 3, colour: lichen, lean: -0.2 });
	hang(relief, { cx: 590, width: 400, bottom: 735, z: 130, folds: 4, amp: 44, seed: 2, colour: wool, band: woven });
	hang(relief, { cx: 815, width: 250, bottom: 760, z: 190, folds: 3.1, amp: 40, seed: 8, colour: madder, flare: 0.2 });
	hang(relief, { cx: 1085, width: 120, bottom: 470, z: 172, folds: 2.2, amp: 26, seed: 12, colour: pale });
	swag(relief, { x0: 30, x1: 520, y0: 84, drop: 330, broad: 240, z: 176, amp: 40, seed: 6, colour: weld });
	const yarns = [
		[196, 800, 86, madder, 3],
		[352, 826, 62, weld, 4],
		[498, 832, 58, wool, 9],
		[1010, 808, 78, woad, 5],
		[1152, 832, 56, rose, 11],
		[1262, 818, 68, lichen, 6],
		[1376, 838, 50, gall, 7],
		[905, 846, 44, weld, 15]
	];
	for (const [x, y, r, colour, seed] of yarns) ball(relief, x, y, r, colour, seed, 214);
	return lighted(relief, {
		way: [-0.74, -0.36, 0.57],
		sun: [2.75, 1.98, 1.16],
		sky: [0.185, 0.25, 0.37],
		below: [0.26, 0.16, 0.09],
		mask: door
	});
}
