/** A seeded generator of numbers 0–1 (mulberry32), so that random checks repeat. */
export function seeded(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = state;
		t = Math.imul(t ^ (t >>> 15), t | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

export type Rgb = [number, number, number];

/** A grid of encoded sRGB colours with corners, edges and greys, then random ones. */
export function colourSamples(random = 10_000, gridSteps = 9, seed = 7): Rgb[] {
	const samples: Rgb[] = [];
	const last = gridSteps - 1;
	for (let r = 0; r < gridSteps; r++)
		for (let g = 0; g < gridSteps; g++)
			for (let b = 0; b < gridSteps; b++) samples.push([r / last, g / last, b / last]);
	const next = seeded(seed);
	for (let i = 0; i < random; i++) samples.push([next(), next(), next()]);
	return samples;
}

export function randomHex(next: () => number): string {
	return `#${Math.floor(next() * 0x1000000)
		.toString(16)
		.padStart(6, '0')}`;
}
