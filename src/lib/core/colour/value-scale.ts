/** ASTM D1535: luminance factor in percent as a quintic of value 0–10. */
const [C1, C2, C3, C4, C5] = [1.1914, -0.22533, 0.23352, -0.020484, 0.00081939];

/** Luminance Y (0–1; 1 at value 10, within 5e-5) of a value on the 0–10 scale of ASTM D1535. */
export function scaleValueToLuminance(value: number): number {
	return (value * (C1 + value * (C2 + value * (C3 + value * (C4 + value * C5))))) / 100;
}

/** The value 0–10 of ASTM D1535 of a luminance Y 0–1, by Newton's method on the quintic; clipped at both ends. */
export function luminanceToScaleValue(y: number): number {
	if (y <= 0) return 0;
	let value = 10 * Math.cbrt(Math.min(1, y));
	for (let i = 0; i < 30; i++) {
		const slope = (C1 + value * (2 * C2 + value * (3 * C3 + value * (4 * C4 + value * 5 * C5)))) / 100;
		const move = (scaleValueToLuminance(value) - y) / slope;
		value -= move;
		if (Math.abs(move) < 1e-12) break;
	}
	return Math.min(10, Math.max(0, value));
}
