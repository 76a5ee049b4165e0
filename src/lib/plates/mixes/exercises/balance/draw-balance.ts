import { type LinkedColour } from '$lib/model/linked';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { type Box } from '$lib/drawing/box';
import { INK, words } from '$lib/drawing/words';
import { type MixesCommon } from '../../common';
import { LEFT, under } from '../../mix-shapes';
import { parentBoxes } from '../../parent-bar';
import { parentName } from '../../parents';
import { BALANCED, BLANKETS } from './balance-layout';
import { type Balance, type MadeBalance } from './schema';

/** How high the areas are as bars; over blankets they are only what is dragged. */
const HIGH = 150;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

const SOURCE =
	'By Goethe’s light values, yellow 9 to violet 3, after Itten (1961): teaching numbers for hues of full strength.';

interface Part {
	readonly share: number;
	readonly hex: string;
}

/** Side by side, each as wide as its share. */
export function barsOfShares({ x, y, width, height }: Box, shares: readonly number[]): Box[] {
	let at = x;
	return shares.map((share) => {
		const box = { x: at, y, width: share * width, height };
		at += box.width;
		return box;
	});
}

/** Fields one in the other like the ground and borders of a blanket, the first in the middle: what is seen of each has just its share. */
export function blanketOfShares({ x, y, width, height }: Box, shares: readonly number[]): Box[] {
	let within = 0;
	return shares.map((share) => {
		within += share;
		const side = Math.sqrt(Math.min(1, within));
		return {
			x: x + (width * (1 - side)) / 2,
			y: y + (height * (1 - side)) / 2,
			width: width * side,
			height: height * side
		};
	});
}

/** The fields of a blanket, the broadest first, because each lies over the one before. */
const blanket = (box: Box, parts: readonly Part[]): Shape[] =>
	blanketOfShares(
		box,
		parts.map(({ share }) => share)
	)
		.map((field, i) => bar(field, parts[i]!.hex))
		.reverse();

const heading = (x: number, y: number, text: string): Shape =>
	words(x, y, text, { face: 'serif', size: 15, fill: INK });

function drawBlankets(set: readonly Part[], balanced: readonly Part[], answered: boolean): Shape[] {
	const [first, second] = BLANKETS;
	return [
		heading(first.x, first.y - 8, 'As set'),
		...blanket(first, set),
		...(answered ? [heading(second.x, second.y - 8, 'In balance'), ...blanket(second, balanced)] : [])
	];
}

/** The areas as a person set them, and in balance, with how far each is off: as bars, or as the fields of a blanket. */
export function drawBalance(
	common: MixesCommon,
	{ laid }: Balance,
	{ parents, shares }: MadeBalance,
	linked: readonly LinkedColour[],
	answered: boolean
): Shape[] {
	const parts = common.parents.map((parent) => parent.parts);
	const whole = parts.reduce((sum, part) => sum + part, 0);
	const set = parts.map((part, i): Part => ({ share: part / whole, hex: parents[i]!.hex }));
	const balanced = shares.map((share, i): Part => ({ share, hex: parents[i]!.hex }));
	const asBlanket = laid === 'blanket';
	const boxes = parentBoxes(parts).map((box) => ({ ...box, height: asBlanket ? box.height : HIGH }));
	const bars = barsOfShares(BALANCED, shares);
	const named = (i: number, share: number): string => `${parentName(common, i, linked)}, ${percent(share)}`;
	const areas = boxes.flatMap((box, i) => [bar(box, set[i]!.hex), under(box, percent(set[i]!.share))]);
	const told = words(
		LEFT,
		520,
		`In balance: ${balanced.map(({ share }, i) => named(i, share)).join(' · ')}. ${SOURCE}`
	);
	if (asBlanket) return [...areas, ...drawBlankets(set, balanced, answered), ...(answered ? [told] : [])];
	return [
		...areas,
		...(answered
			? [
					heading(LEFT, BALANCED.y - 14, 'In balance'),
					...bars.flatMap((box, i) => [bar(box, balanced[i]!.hex), under(box, named(i, balanced[i]!.share))]),
					words(LEFT, 500, SOURCE)
				]
			: [])
	];
}
