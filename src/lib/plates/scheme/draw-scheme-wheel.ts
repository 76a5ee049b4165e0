import { type SchemeSpec } from '$lib/core/scheme/schemes';
import { angleBetween } from '$lib/core/colour/vector';
import { type Wheel } from '$lib/core/scheme/wheel';
import { type Shape } from '$lib/drawing/drawing';
import { anchorAt, around } from '$lib/drawing/sector';
import { rounded } from '$lib/drawing/rounded';
import { INK, PAPER, SOFT, words } from '$lib/drawing/words';
import { pointOf, type WheelCircle } from './scheme-layout';
import { type ShownMember } from './scheme-of';
import { COARSE, FINE, wheelPatches } from './wheel-patches';

/** What stands round each wheel: its own main hues at their angles; degrees where no hue is a corner. */
const MAIN_HUES: Readonly<Record<Wheel, readonly string[]>> = {
	light: ['red', 'yellow', 'green', 'cyan', 'blue', 'magenta'],
	painter: ['red', 'orange', 'yellow', 'green', 'blue', 'violet'],
	perceptual: ['0°', '60°', '120°', '180°', '240°', '300°']
};

/** A flag for each member: from its place out to a swatch with its number beyond the rim. */
const FLAG = { out: 24, swatch: 15, lead: 19, apart: 13 } as const;
const PASSES = 24;

/** Angles in degrees moved so far apart that no two flags cover each other, each as near to where it was as that allows. */
function spreadOut(angles: readonly number[], least: number): number[] {
	const spread = [...angles];
	const order = angles.map((_, i) => i).sort((one, other) => angles[one]! - angles[other]! || one - other);
	for (let pass = 0; pass < PASSES; pass++)
		order.forEach((one, i) => {
			const other = order[(i + 1) % order.length]!;
			const gap = i + 1 < order.length ? spread[other]! - spread[one]! : spread[other]! + 360 - spread[one]!;
			if (gap >= least || one === other) return;
			spread[one]! -= (least - gap) / 2;
			spread[other]! += (least - gap) / 2;
		});
	return spread;
}

export interface Flag {
	readonly x: number;
	readonly y: number;
	readonly size: number;
	/** Where the member's place lies on the wheel. */
	readonly point: readonly [number, number];
}

/** Where the flags of all members stand. */
export function flagsOf(wheel: Wheel, members: readonly Pick<ShownMember, 'place'>[], circle: WheelCircle): Flag[] {
	const places = members.map(({ place }) => place);
	const angles = spreadOut(
		places.map(({ angle }) => angle),
		FLAG.apart
	);
	return places.map((place, i) => {
		const [x, y] = around(circle.cx, circle.cy)(circle.rim + FLAG.out, (angles[i]! * Math.PI) / 180);
		const [px, py] = pointOf(circle, wheel, place);
		return { x: rounded(x), y: rounded(y), size: i === 0 ? FLAG.lead : FLAG.swatch, point: [rounded(px), rounded(py)] };
	});
}

/** A name gives way to a flag that stands there. */
const namesRound = (wheel: Wheel, { cx, cy, rim }: WheelCircle, angles: readonly number[]): Shape[] =>
	MAIN_HUES[wheel].flatMap((name, i) => {
		if (angles.some((other) => angleBetween(other, i * 60) < FLAG.apart)) return [];
		const angle = (i * Math.PI) / 3;
		const [x, y] = around(cx, cy)(rim + 5, angle);
		return [words(x, y + (i === 0 ? -1 : i === 3 ? 8 : 3), name, { anchor: anchorAt(angle), size: 12 })];
	});

function drawFlags(wheel: Wheel, members: readonly ShownMember[], circle: WheelCircle): Shape[] {
	return flagsOf(wheel, members, circle).flatMap(({ x, y, size, point: [px, py] }, i): Shape[] => {
		const number = String(i + 1);
		const out = Math.hypot(x - circle.cx, y - circle.cy) || 1;
		const [ux, uy] = [(x - circle.cx) / out, (y - circle.cy) / out];
		const beyond = size / 2 + 7;
		return [
			{ kind: 'rule', x1: px, y1: py, x2: rounded(x - ux * (size / 2)), y2: rounded(y - uy * (size / 2)), stroke: INK },
			lozenge(px, py, 6.5, PAPER),
			lozenge(px, py, 5, members[i]!.hex),
			{ kind: 'bar', x: x - size / 2, y: y - size / 2, width: size, height: size, fill: members[i]!.hex },
			words(rounded(x + ux * beyond), rounded(y + uy * beyond + 3.5), number, {
				anchor: 'middle',
				size: 12,
				strong: i === 0,
				fill: i === 0 ? INK : SOFT
			})
		];
	});
}

const lozenge = (x: number, y: number, reach: number, fill: string): Shape => ({
	kind: 'area',
	path: `M${x} ${y}m0 -${reach}l${reach} ${reach}l-${reach} ${reach}l-${reach} -${reach}z`,
	fill
});

/** The wheel as a printed chart at the lead's lightness, with a flag for each member. */
export function drawSchemeWheel(spec: SchemeSpec, members: readonly ShownMember[], circle: WheelCircle): Shape[] {
	const angles = members.map(({ place }) => place.angle);
	// The names last: some come and go, and what stands after them in a drawing would move up by one.
	return [
		wheelPatches(spec, circle, FINE),
		...drawFlags(spec.wheel, members, circle),
		...namesRound(spec.wheel, circle, angles)
	];
}

/** The wheel as a thumbnail shows it: printed coarsely, with the places of the members. */
export function drawSmallWheel(spec: SchemeSpec, members: readonly ShownMember[], circle: WheelCircle): Shape[] {
	const points = members.map(({ place }) => pointOf(circle, spec.wheel, place));
	return [
		wheelPatches(spec, circle, COARSE),
		...points.flatMap(([x, y], i) => [lozenge(x, y, 18, PAPER), lozenge(x, y, 13, members[i]!.hex)])
	];
}
