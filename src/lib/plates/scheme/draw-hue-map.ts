import { type SchemeSpec } from '$lib/core/scheme/schemes';
import { type Wheel } from '$lib/core/scheme/wheel';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { rounded } from '$lib/drawing/rounded';
import { INK, PAPER, SOFT, words } from '$lib/drawing/words';
import { huePatches, pointOn, reachOf } from './hue-map';
import { type ShownMember } from './scheme-of';

/** What stands at each wheel: its own main hues at their angles; degrees where no hue is a corner. */
const MAIN_HUES: Readonly<Record<Wheel, readonly string[]>> = {
	light: ['red', 'yellow', 'green', 'cyan', 'blue', 'magenta'],
	painter: ['red', 'orange', 'yellow', 'green', 'blue', 'violet'],
	perceptual: ['0°', '60°', '120°', '180°', '240°', '300°']
};

const LOZENGE = { lead: 7, other: 5.5, paper: 1.6 } as const;
/** How far apart the numbers of two members stand at least. */
const APART = 13;
const BESIDE = 9;

const lozenge = (x: number, y: number, reach: number, fill: string): Shape => ({
	kind: 'area',
	path: `M${x} ${y}m0 -${reach}l${reach} ${reach}l-${reach} ${reach}l-${reach} -${reach}z`,
	fill
});

/** Where each member lies. */
export function pointsOf(
	spec: Pick<SchemeSpec, 'wheel' | 'lead'>,
	members: readonly Pick<ShownMember, 'place'>[],
	map: Box
): (readonly [number, number])[] {
	const reach = reachOf(spec);
	return members.map(({ place }) => {
		const [x, y] = pointOn(map, reach, place);
		return [rounded(x), rounded(y)] as const;
	});
}

/** Heights moved so far apart that no two numbers lie over each other. */
function spreadOut(heights: readonly number[]): number[] {
	const order = heights.map((_, i) => i).sort((one, other) => heights[one]! - heights[other]!);
	const spread = [...heights];
	order.slice(1).forEach((at, i) => (spread[at] = Math.max(spread[at]!, spread[order[i]!]! + APART)));
	return spread;
}

/** The wheel unrolled at the lead's lightness, with every member in its place. */
export function drawHueMap(spec: SchemeSpec, members: readonly ShownMember[], map: Box, withWords: boolean): Shape[] {
	const points = pointsOf(spec, members, map);
	const numbers = spreadOut(points.map(([, y]) => y));
	const places = points.flatMap(([x, y], i): Shape[] => {
		const reach = i === 0 ? LOZENGE.lead : LOZENGE.other;
		return [lozenge(x, y, reach + LOZENGE.paper, PAPER), lozenge(x, y, reach, members[i]!.hex)];
	});
	if (!withWords) return [huePatches(spec, map), ...places];
	return [
		huePatches(spec, map),
		...places,
		...points.map((_, i) =>
			words(map.x + map.width + BESIDE, rounded(numbers[i]! + 4), String(i + 1), {
				strong: i === 0,
				fill: i === 0 ? INK : SOFT
			})
		),
		...MAIN_HUES[spec.wheel].map((name, i) =>
			words(map.x - 8, rounded(pointOn(map, 1, { angle: 60 * i, distance: 0 })[1] + 4), name, { anchor: 'end' })
		),
		words(map.x, map.y + map.height + 15, 'grey'),
		words(map.x + map.width, map.y + map.height + 15, 'strong', { anchor: 'end' })
	];
}
