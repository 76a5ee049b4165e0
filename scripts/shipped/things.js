// Things that several scenes have: boards of wood, balls and skeins of yarn.
import { between, DYES, hash, noise, rough } from './noise.js';
import { HEIGHT, WIDTH } from './relief.js';

/** Boards that lie across, from one line of pixels down to another. */
export function boards(relief, top, bottom, base, broad = 77) {
	for (let y = top; y < bottom; y++)
		for (let x = 0; x < WIDTH; x++) {
			const board = Math.floor((y - top) / broad);
			const grain = rough(x / 210 + 31 * board, y / 5, 17 + board, 4);
			const seam = (y - top) % broad < 4 ? 0.35 : 1;
			const tint = 0.85 + 0.3 * hash(board, 1, 5);
			relief.put(
				x,
				y,
				base + grain * 4 - (seam < 1 ? 5 : 0),
				between(DYES.wood, DYES.walnut, grain),
				(0.55 + 0.8 * grain) * seam * tint
			);
		}
}

/** Three directions in which a ball is wound. */
const windings = (seed) => {
	const first = hash(seed, 1, 2) * 3;
	return [first, first + 1.1, first - 0.9];
};

/** A ball of yarn that lies at a height. */
export function ball(relief, cx, cy, r, colour, seed, base) {
	const angles = windings(seed);
	for (let y = Math.floor(cy - r); y <= cy + r; y++)
		for (let x = Math.floor(cx - r); x <= cx + r; x++) {
			const [dx, dy] = [(x - cx) / r, (y - cy) / r];
			const d = dx * dx + dy * dy;
			if (d >= 1) continue;
			const up = Math.sqrt(1 - d);
			const part = noise(dx * 2.1 + 5, dy * 2.1 + 9, seed);
			const angle = angles[part < 0.36 ? 0 : part < 0.64 ? 1 : 2];
			const [px, py] = [dx / (0.55 + 0.45 * up), dy / (0.55 + 0.45 * up)];
			const thread = Math.sin((px * Math.cos(angle) + py * Math.sin(angle)) * r * 0.62 + 3 * Math.sin(px * 2 + angle));
			const seam = Math.min(Math.abs(part - 0.36), Math.abs(part - 0.64)) < 0.012 ? 3 : 0;
			const shade = (0.86 + 0.16 * thread) * (0.92 + 0.2 * noise(x / 3, y / 3, seed));
			relief.lay(x, y, base + r * up + 2.6 * thread - seam, colour, shade, 0.4);
		}
}

/** A skein: a long bundle of threads, a little bent and twisted, from one place to another. */
export function skein(relief, [x0, y0], [x1, y1], broad, colour, seed, base) {
	const length = Math.hypot(x1 - x0, y1 - y0);
	const [ux, uy] = [(x1 - x0) / length, (y1 - y0) / length];
	const reach = Math.ceil(broad + 30);
	for (let y = Math.max(0, Math.min(y0, y1) - reach); y < Math.min(HEIGHT, Math.max(y0, y1) + reach); y++)
		for (let x = Math.max(0, Math.min(x0, x1) - reach); x < Math.min(WIDTH, Math.max(x0, x1) + reach); x++) {
			const along = (x - x0) * ux + (y - y0) * uy;
			const t = along / length;
			if (t < 0 || t > 1) continue;
			const bend = 16 * Math.sin(Math.PI * t * 1.3 + seed) + 5 * (rough(along / 60, seed, 8) - 0.5);
			const half = broad * (0.42 + 0.58 * Math.sin(Math.PI * Math.min(1, Math.max(0, 0.05 + 0.9 * t))) ** 0.5);
			const off = ((x - x0) * -uy + (y - y0) * ux - bend) / half;
			if (Math.abs(off) >= 1) continue;
			const twist = Math.sin(off * 13 + along / 17 + seed);
			const fine = Math.sin(off * half * 1.9 + along / 9);
			const lift = Math.sqrt(1 - off * off) * half * 0.8;
			relief.lay(
				x,
				y,
				base + lift + 3 * twist + 1.2 * fine,
				colour,
				(0.86 + 0.12 * fine) * (0.93 + 0.18 * noise(x / 4, y / 4, seed)),
				0.5
			);
		}
}
