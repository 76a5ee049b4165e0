import { type Edge } from '$lib/core/ground/edges';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { type Patch } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { GROUND_BOXES } from '../../grounds-layout';

const TEETH = 9;
const REACH = 36;
const FOOT = 6;

/** Two colours with a border of teeth, so that there is much of it to look at. */
export function drawEdge([one, other]: readonly [Patch, Patch]): Shape[] {
	const [left, right] = GROUND_BOXES;
	const high = left.height / TEETH;
	return [
		bar(right, other.hex),
		bar(left, one.hex),
		...Array.from({ length: TEETH }, (_, i): Shape => {
			const top = left.y + i * high;
			const inner = i % 2 === 0 ? one.hex : other.hex;
			const side = i % 2 === 0 ? 1 : -1;
			const tip = right.x + side * REACH;
			// From within its own field on, so that no seam of half covered pixels stands at its foot.
			const foot = right.x - side * FOOT;
			return {
				kind: 'area',
				path: `M${foot} ${top}L${right.x} ${top}L${tip} ${top + high / 2}L${right.x} ${top + high}L${foot} ${top + high}z`,
				fill: inner
			};
		})
	];
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** How far the border vanishes or vibrates, and why. */
export const drawMeasure = (edge: Edge): Shape[] => [
	words(28, 430, `Vanishing ${percent(edge.vanishing)}, vibrating ${percent(edge.vibrating)}`, {
		face: 'serif',
		size: 17,
		fill: INK
	}),
	words(
		28,
		452,
		`Value apart ${edge.valueDifference.toFixed(1)} L*, difference ${edge.difference.toFixed(1)} ΔE00, the quieter one’s chroma ${edge.chroma.toFixed(3)}, ${edge.hueAngle === null ? 'no hues to compare' : `hues ${edge.hueAngle.toFixed(0)}° apart`}.`
	),
	words(
		28,
		470,
		'A border vanishes where value and colour are nearly one; it vibrates where only the value is, and both hues are strong and far apart.'
	)
];
