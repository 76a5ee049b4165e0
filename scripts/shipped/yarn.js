// Yarn on the table: balls and skeins on boards, a folded striped cloth, light from a window at the left.
import { between, DYES, noise, rough, soft } from './noise.js';
import { HEIGHT, lighted, Relief, WIDTH } from './relief.js';
import { ball, boards, skein } from './things.js';

const { madder, weld, woad, pale, walnut, lichen, gall, wool, rose } = DYES;

/** What is woven into the cloth, by the distance from its edge. */
function stripe(v) {
	const at = ((v % 150) + 150) % 150;
	if (at < 22) return woad;
	if (at < 34) return wool;
	if (at < 46) return madder;
	if (at < 56) return weld;
	return at < 66 ? walnut : wool;
}

/** A cloth laid over the corner, in soft folds. */
function folded(relief) {
	for (let y = 0; y < HEIGHT; y++)
		for (let x = 0; x < WIDTH; x++) {
			const v = x - 0.62 * y - 690 + 26 * Math.sin(y / 90) + 22 * (rough(x / 120, y / 120, 71) - 0.5);
			if (v < 0) continue;
			const wave = Math.sin(v / 58 + 1.6 * Math.sin(y / 190) + rough(x / 200, y / 200, 13) * 2);
			const edge = soft(0, 26, v);
			const height = 34 + 26 * wave * edge * soft(0, 120, v) + 14 * edge + 10 * rough(x / 90, y / 90, 29);
			const thread = Math.sin(x * 1.9 + y * 0.4) * Math.sin(y * 1.9);
			relief.lay(
				x,
				y,
				height + 0.5 * thread,
				stripe(v + 20),
				1 + 0.07 * thread + 0.12 * (noise(x / 9, y / 2.4, 3) - 0.5),
				0.5
			);
		}
}

/** Light of a window with a cross of bars. */
function pane(x, y) {
	const [p, q] = [x + 0.42 * y, y - 0.2 * x];
	const bars =
		1 - 0.8 * soft(560, 580, p) * (1 - soft(618, 640, p)) - 0.7 * soft(330, 346, q) * (1 - soft(376, 394, q));
	return 0.05 + 0.95 * soft(-40, 150, p) * (1 - soft(1180, 1420, p)) * Math.max(0.1, bars);
}

const BALLS = [
	[250, 250, 118, madder, 3],
	[470, 190, 84, weld, 4],
	[150, 480, 96, woad, 5],
	[402, 410, 104, wool, 9],
	[640, 330, 92, lichen, 6],
	[300, 660, 90, rose, 11],
	[560, 560, 78, gall, 7],
	[770, 180, 70, pale, 15],
	[96, 740, 74, weld, 21],
	[1120, 640, 92, woad, 23],
	[1260, 480, 66, madder, 25],
	[1010, 480, 58, between(weld, lichen, 0.5), 27]
];

export function yarn() {
	const relief = new Relief();
	boards(relief, 0, HEIGHT, 4, 160);
	folded(relief);
	skein(relief, [430, 870], [860, 700], 40, woad, 31, 12);
	skein(relief, [480, 930], [930, 770], 38, between(woad, pale, 0.6), 33, 8);
	skein(relief, [560, 960], [1010, 850], 36, pale, 36, 6);
	skein(relief, [690, 470], [960, 330], 36, between(madder, walnut, 0.5), 41, 70);
	skein(relief, [1120, 940], [1400, 800], 42, lichen, 43, 74);
	for (const [x, y, r, colour, seed] of BALLS) ball(relief, x, y, r, colour, seed, 8 + (x > 950 ? 44 : 0));
	return lighted(relief, {
		way: [-0.78, -0.3, 0.55],
		sun: [2.6, 2.05, 1.35],
		sky: [0.2, 0.26, 0.36],
		below: [0.2, 0.14, 0.09],
		mask: pane
	});
}
