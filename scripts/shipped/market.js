// A market stall: an awning above, folded blankets on the shelf, baskets of yarn and heaps of dyestuff before it, noon sun.
import { between, DYES, hash, linear, noise, rough, soft } from './noise.js';
import { HEIGHT, lighted, Relief, WIDTH } from './relief.js';
import { ball, boards } from './things.js';

const { madder, weld, woad, pale, walnut, lichen, gall, wool, rose } = DYES;
const AWNING = 210;
const SHELF = 470;

function back(relief) {
	for (let y = 0; y < HEIGHT; y++)
		for (let x = 0; x < WIDTH; x++) {
			const plaster = rough(x / 120, y / 90, 3, 5);
			relief.put(x, y, 8 * plaster, between(linear('#8f8578'), linear('#5e6470'), plaster), 0.7 + 0.4 * plaster);
		}
}

/** Striped cloth stretched forward, its lower edge cut in waves. */
function awning(relief) {
	for (let x = 0; x < WIDTH; x++) {
		const stripe = Math.floor((x + 40) / 96);
		const colour = stripe % 2 === 0 ? wool : between(madder, rose, 0.25);
		const wave = Math.abs(Math.sin(((x + 40) / 96) * Math.PI));
		const bottom = AWNING + 34 * wave ** 0.6;
		for (let y = 0; y < bottom; y++) {
			const sag = 10 * Math.sin((x / 360) * Math.PI) * soft(0, AWNING, y);
			const height = 150 + 0.42 * y + sag + 5 * rough(x / 90, y / 60, 17) - (y > AWNING ? 2.2 * (y - AWNING) : 0);
			const thread = Math.sin(x * 1.9) * Math.sin(y * 1.9);
			relief.put(
				x,
				Math.floor(y),
				height + 0.4 * thread,
				colour,
				1 + 0.06 * thread + 0.1 * (noise(x / 12, y / 4, 3) - 0.5),
				0.5
			);
		}
	}
}

/** A folded blanket, one of a pile: rounded at its front, with stripes of its own. */
function blanket(relief, { x, y, wide, thick, colours, seed }) {
	for (let X = x; X < x + wide; X++)
		for (let k = 0; k < thick; k++) {
			const t = (k / thick) * 2 - 1;
			const sag = 4 * Math.sin(((X - x) / wide) * Math.PI) + 5 * (rough(X / 60, seed, 8) - 0.5);
			const fold = Math.abs(t) < 0.1 ? 6 : 0;
			const side = Math.min(1, Math.min(X - x, x + wide - X) / 12);
			const height =
				60 + 34 * Math.sqrt(Math.max(0, 1 - t * t)) * (0.5 + 0.5 * side) - fold + 4 * rough(X / 40, k / 20, seed);
			const at = ((X - x) / wide) * 7;
			const colour = colours[at % 1 < 0.3 && at > 1 && at < 6 ? 1 : 0];
			const thread = Math.sin(X * 2.1) * Math.sin(k * 2.1);
			relief.lay(
				X,
				Math.round(y + k + sag),
				height,
				colour,
				0.95 + 0.06 * thread + 0.12 * (noise(X / 3, k / 8, seed) - 0.5),
				0.5
			);
		}
}

const PILES = [
	[
		70,
		230,
		[
			[woad, wool],
			[wool, madder],
			[gall, weld],
			[pale, woad]
		]
	],
	[
		340,
		250,
		[
			[madder, weld],
			[rose, wool],
			[walnut, wool]
		]
	],
	[
		630,
		220,
		[
			[wool, woad],
			[lichen, wool],
			[weld, walnut],
			[wool, gall]
		]
	],
	[
		890,
		250,
		[
			[weld, madder],
			[between(woad, gall, 0.5), pale],
			[wool, lichen]
		]
	],
	[
		1180,
		220,
		[
			[gall, wool],
			[madder, wool],
			[lichen, weld],
			[woad, pale]
		]
	]
];

function piles(relief) {
	PILES.forEach(([x, wide, blankets], pile) => {
		const thick = 56;
		blankets.forEach((colours, i) => {
			const off = Math.round((hash(pile, i, 4) - 0.5) * 24);
			blanket(relief, { x: x + off, y: SHELF - 6 - (i + 1) * (thick - 4), wide, thick, colours, seed: 10 * pile + i });
		});
	});
}

/** A wicker basket seen from the front and a little from above; what it holds is heaped over its rim. */
function basket(relief, cx, cy, r, fill) {
	const deep = r * 0.95;
	for (let y = Math.floor(cy); y < Math.min(HEIGHT, cy + deep); y++)
		for (let x = Math.floor(cx - r); x <= cx + r; x++) {
			const t = (y - cy) / deep;
			const half = r * (1 - 0.2 * t * t);
			const u = (x - cx) / half;
			if (Math.abs(u) >= 1) continue;
			const round = Math.sqrt(1 - u * u);
			const angle = Math.asin(u);
			const weave = Math.sin(angle * 26 + (Math.floor(y / 9) % 2) * Math.PI);
			const row = Math.abs(Math.sin((y / 9) * Math.PI));
			const rim = t < 0.1 ? 9 : 0;
			relief.lay(
				x,
				y,
				190 + r * 0.8 * round + 4 * weave * row + rim,
				linear('#8d6a42'),
				(0.6 + 0.22 * weave + 0.25 * row) * (0.8 + 0.4 * noise(x / 5, y / 5, 9)),
				0.2
			);
		}
	fill(cx, cy, r * 0.9);
}

/** A heap of dyestuff: chips, roots or petals. */
const heap = (relief, colour, other, grain) => (cx, cy, r) => {
	for (let y = Math.floor(cy - r * 0.62); y < cy + r * 0.3; y++)
		for (let x = Math.floor(cx - r); x <= cx + r; x++) {
			const [u, v] = [(x - cx) / r, (y - cy - r * 0.1) / (r * 0.72)];
			const d = u * u + v * v;
			if (d >= 1 - 0.1 * noise(x / 6, y / 6, 3)) continue;
			const crumb = noise(x / grain, y / grain, 21);
			relief.lay(
				x,
				y,
				250 + r * 0.7 * Math.sqrt(1 - d) + 0.9 * grain * crumb,
				between(colour, other, soft(0.3, 0.7, noise(x / grain + 9, y / grain, 33))),
				0.6 + 0.7 * crumb
			);
		}
};

/** Balls of yarn one over the other. */
const yarns = (relief, colours, seed) => (cx, cy, r) => {
	const places = [
		[-0.55, -0.1],
		[0.1, -0.16],
		[0.62, -0.06],
		[-0.22, -0.42],
		[0.36, -0.44]
	];
	places.forEach(([dx, dy], i) =>
		ball(relief, cx + dx * r, cy + dy * r, r * 0.36, colours[i % colours.length], seed + i, 250 + 20 * (i > 2))
	);
};

function baskets(relief) {
	basket(relief, 170, 700, 140, heap(relief, madder, linear('#7a2a22'), 9));
	basket(relief, 470, 720, 136, yarns(relief, [woad, pale, between(woad, gall, 0.5)], 51));
	basket(relief, 770, 700, 140, heap(relief, weld, lichen, 6));
	basket(relief, 1070, 724, 138, yarns(relief, [rose, madder, weld, wool], 71));
	basket(relief, 1350, 704, 130, heap(relief, walnut, gall, 14));
}

/** Under the awning it is shade; a slanted edge of sun falls on the baskets. */
const sunny = (x, y) =>
	0.04 +
	0.96 * (y < AWNING + 40 ? 1 : soft(560, 640, y + 0.09 * x + 12 * Math.abs(Math.sin(((x + 40) / 96) * Math.PI))));

export function market() {
	const relief = new Relief();
	back(relief);
	boards(relief, SHELF, SHELF + 34, 84, 34);
	boards(relief, 760, HEIGHT, 120, 66);
	piles(relief);
	awning(relief);
	baskets(relief);
	return lighted(relief, {
		way: [-0.4, -0.62, 0.68],
		sun: [2.4, 2.2, 1.8],
		sky: [0.34, 0.42, 0.55],
		below: [0.2, 0.16, 0.11],
		mask: sunny,
		exposure: 1.25
	});
}
