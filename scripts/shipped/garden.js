// The dye garden in flower: beds that grow larger towards the front, leaves and flowers one over the other, morning sun.
import { between, DYES, hash, linear, noise, rough, soft } from './noise.js';
import { HEIGHT, lighted, Relief, WIDTH } from './relief.js';

const GREEN = linear('#4d6a35');
const DEEP = linear('#2f4a33');
const SILVER = linear('#8d9f82');
const EARTH = linear('#7a5a44');

/** What grows in a bed: its leaves, its flowers, how many petals they have and how large they are. */
const BEDS = [
	{ leaf: GREEN, flower: linear('#e0b02f'), heart: linear('#b57d1f'), petals: 5, size: 1 },
	{ leaf: DEEP, flower: linear('#c23a2c'), heart: linear('#3a2020'), petals: 4, size: 1.35 },
	{ leaf: SILVER, flower: linear('#4a63b5'), heart: linear('#2c3170'), petals: 8, size: 1 },
	{
		leaf: between(GREEN, DYES.lichen, 0.5),
		flower: linear('#e4702a'),
		heart: linear('#8f3d18'),
		petals: 13,
		size: 1.1
	},
	{ leaf: DEEP, flower: linear('#ece3d2'), heart: linear('#d9ac35'), petals: 11, size: 1.05 },
	{ leaf: SILVER, flower: linear('#9a5aa0'), heart: linear('#5d2f6e'), petals: 6, size: 0.9 }
];

/** Beds and paths run towards the back, where they come together. */
function bedAt(x, y) {
	const depth = (y + 260) / (HEIGHT + 260);
	const across = (x - 640) / depth / 250 + 2.4;
	return { bed: Math.floor(across), off: Math.abs(across - Math.floor(across) - 0.5) * 2, depth };
}

function ground(relief) {
	for (let y = 0; y < HEIGHT; y++)
		for (let x = 0; x < WIDTH; x++) {
			const { depth } = bedAt(x, y);
			const grain = rough(x / 26 / depth, y / 16 / depth, 5, 5);
			relief.put(x, y, 10 * grain + 4 * noise(x / 3, y / 3, 8), EARTH, 0.6 + 0.7 * grain);
		}
}

/** A pointed leaf with a rib, lying in a direction. */
function leaf(relief, { x, y, long, angle, colour, z, seed }) {
	const [ux, uy] = [Math.cos(angle), Math.sin(angle)];
	const reach = Math.ceil(long);
	for (let dy = -reach; dy <= reach; dy++)
		for (let dx = -reach; dx <= reach; dx++) {
			const t = (dx * ux + dy * uy) / long;
			if (t < 0 || t > 1) continue;
			const half = long * 0.24 * Math.sin(Math.PI * t ** 0.8) + 0.6;
			const off = (-dx * uy + dy * ux) / half;
			if (Math.abs(off) >= 1) continue;
			const height =
				z + long * (0.34 * Math.sin(Math.PI * t) + 0.16 * (1 - off * off)) - (Math.abs(off) < 0.14 ? 1.6 : 0);
			relief.lay(
				Math.round(x + dx),
				Math.round(y + dy),
				height,
				colour,
				0.78 + 0.4 * hash(seed, 3, 9) + 0.1 * noise(dx / 2, dy / 2, seed),
				0.3
			);
		}
}

/** A flower as petals about its heart. */
function flower(relief, { x, y, r, bed, z, seed }) {
	const turn = hash(seed, 7, 1) * 7;
	const squash = 0.66 + 0.2 * hash(seed, 8, 1);
	const tint = 0.8 + 0.35 * hash(seed, 9, 1);
	for (let dy = -Math.ceil(r); dy <= r; dy++)
		for (let dx = -Math.ceil(r); dx <= r; dx++) {
			const away = Math.hypot(dx, dy / squash) / r;
			const angle = Math.atan2(dy / squash, dx) * bed.petals * 0.5 + turn;
			const edge = 0.72 + 0.28 * Math.abs(Math.cos(angle));
			if (away >= edge) continue;
			const heart = away < 0.24;
			const lift = heart
				? 0.34 + 0.2 * (1 - away / 0.24)
				: 0.24 + 0.3 * away * Math.abs(Math.cos(angle)) - 0.16 * away * away;
			const colour = heart ? bed.heart : between(bed.flower, bed.heart, 0.35 * (1 - soft(0.2, 0.5, away)));
			relief.lay(
				Math.round(x + dx),
				Math.round(y + dy),
				z + r * lift,
				colour,
				tint * (0.9 + 0.2 * noise(dx / 3, dy / 3, seed)),
				0.35
			);
		}
}

function grow(relief) {
	for (let k = 0; k < 15000; k++) {
		// From the back to the front, so that what stands nearer lies over what stands behind.
		const y = -20 + (HEIGHT + 60) * Math.sqrt(k / 15000);
		const x = hash(k, 1, 3) * (WIDTH + 80) - 40;
		const { bed: number, off, depth } = bedAt(x, y);
		if (off > 0.8 + 0.12 * noise(x / 20, y / 20, 4)) continue;
		const bed = BEDS[((number % BEDS.length) + BEDS.length) % BEDS.length];
		const scale = 6 + 30 * depth ** 1.4;
		const z = 18 + 46 * depth * (1 - off ** 4) * (0.6 + 0.6 * noise(x / 70 / depth, y / 50 / depth, number));
		const blooms = hash(k, 4, 3) < 0.28 + 0.3 * (noise(x / 80 / depth, y / 60 / depth, 12 + number) - 0.4);
		if (blooms) flower(relief, { x, y, r: scale * 0.52 * bed.size, bed, z: z + 14 * depth, seed: k });
		else
			leaf(relief, {
				x,
				y,
				long: scale * 1.15,
				angle: -Math.PI / 2 + (hash(k, 5, 3) - 0.5) * 2.6,
				colour: bed.leaf,
				z,
				seed: k
			});
	}
}

export function garden() {
	const relief = new Relief();
	ground(relief);
	grow(relief);
	const shade = (x, y) =>
		0.16 + 0.84 * soft(0.36, 0.52, rough(x / 420 + 3, y / 300, 61, 3) + 0.1 * noise(x / 40, y / 40, 5));
	return lighted(relief, {
		way: [0.66, -0.42, 0.62],
		sun: [2.5, 2.2, 1.6],
		sky: [0.3, 0.4, 0.55],
		below: [0.1, 0.13, 0.06],
		mask: shade,
		exposure: 1.15
	});
}
