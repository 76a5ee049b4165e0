const TWENTY_FIVE_TO_7 = 25 ** 7;
const RADIANS = Math.PI / 180;

function hue(x: number, y: number): number {
	const degrees = Math.atan2(y, x) / RADIANS;
	return degrees < 0 ? degrees + 360 : degrees;
}

/**
 * CIEDE2000 as Sharma, Wu & Dalal (2005) write it, angles and all. Exact for every pair, and the only form for hues that
 * are opposite each other, where the mean hue depends on which side of 180° they fall. `ciede2000` is the quick one.
 */
export function ciede2000Textbook(l1: number, a1: number, b1: number, l2: number, a2: number, b2: number): number {
	const meanC7 = ((Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2) ** 7;
	const stretch = 1.5 - 0.5 * Math.sqrt(meanC7 / (meanC7 + TWENTY_FIVE_TO_7));
	const c1 = Math.hypot(a1 * stretch, b1);
	const c2 = Math.hypot(a2 * stretch, b2);
	const h1 = hue(a1 * stretch, b1);
	const h2 = hue(a2 * stretch, b2);
	const neutral = c1 * c2 === 0;

	let turn = neutral ? 0 : h2 - h1;
	if (turn > 180) turn -= 360;
	else if (turn < -180) turn += 360;
	let mean = neutral ? h1 + h2 : (h1 + h2) / 2;
	if (!neutral && Math.abs(h1 - h2) > 180) mean += h1 + h2 < 360 ? 180 : -180;

	const l50 = (l1 + l2) / 2 - 50;
	const c = (c1 + c2) / 2;
	const t =
		1 -
		0.17 * Math.cos((mean - 30) * RADIANS) +
		0.24 * Math.cos(2 * mean * RADIANS) +
		0.32 * Math.cos((3 * mean + 6) * RADIANS) -
		0.2 * Math.cos((4 * mean - 63) * RADIANS);
	const dl = (l2 - l1) / (1 + (0.015 * l50 * l50) / Math.sqrt(20 + l50 * l50));
	const dc = (c2 - c1) / (1 + 0.045 * c);
	const dh = (2 * Math.sqrt(c1 * c2) * Math.sin((turn / 2) * RADIANS)) / (1 + 0.015 * c * t);
	const rotation = 60 * Math.exp(-(((mean - 275) / 25) ** 2));
	const turning = 2 * Math.sqrt(c ** 7 / (c ** 7 + TWENTY_FIVE_TO_7)) * Math.sin(rotation * RADIANS);
	return Math.sqrt(Math.max(0, dl * dl + dc * dc + dh * dh - turning * dc * dh));
}
