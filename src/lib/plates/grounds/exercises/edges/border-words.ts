import { type Edge } from '$lib/core/ground/edges';

const PLAIN = 0.5;

/** Why a border does not vanish, by the part that holds it back most. */
const notVanishing = ({ keepsFromVanishing, valueDifference, difference }: Edge): string =>
	keepsFromVanishing === 'value'
		? `the values are ${valueDifference.toFixed(1)} L* apart`
		: `the two differ by ${difference.toFixed(1)} ΔE00`;

/** Why it does not vibrate. */
function notVibrating({ keepsFromVibrating, valueDifference, chroma, hueAngle }: Edge): string {
	switch (keepsFromVibrating) {
		case 'value':
			return `the values are ${valueDifference.toFixed(1)} L* apart`;
		case 'chroma':
			return `the quieter one has a chroma of ${chroma.toFixed(2)}`;
		case 'hues':
			return `the hues are ${(hueAngle ?? 0).toFixed(0)}° apart`;
	}
}

/** How a border behaves, in words that name what holds it back. */
export function borderWords(edge: Edge): string {
	if (edge.vanishing > PLAIN) return 'The border nearly vanishes.';
	if (edge.vibrating > PLAIN) return 'The border vibrates.';
	return `A plain border. It does not vanish, because ${notVanishing(edge)}; nor vibrate, because ${notVibrating(edge)}.`;
}
