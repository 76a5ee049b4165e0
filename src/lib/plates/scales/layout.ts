import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { PLAIN_LOOK, type ScaleLook, type Size } from './look';
import { placeSteps, TALL_FORMS } from './forms/forms';
import { type FormPlaces } from './forms/place';
import { type Box } from '$lib/drawing/box';

/** Where everything on a scales plate stands, in plate units. */
const TOP = 58;
const BOTTOM = 18;
/** From this height on a row has room for three lines of words. */
export const ROOMY = 70;

export interface RowPlace extends FormPlaces {
	/** Top of the row and its whole height. */
	readonly y: number;
	readonly height: number;
	/** Where the colours of the steps stand. */
	readonly band: Box;
	/** Where the unbroken gradation stands, if there is one. */
	readonly gradation: Box | null;
}

export interface ScalesLayout {
	readonly height: number;
	readonly rows: readonly RowPlace[];
}

/** What of a scale decides its place. */
export interface RowShape {
	readonly inAll: number;
	readonly look?: ScaleLook;
}

const MOST_HIGH = 120;
const LEAST_HIGH = 40;
const TALL_MOST_HIGH = 330;
const TALL_LEAST_HIGH = 120;
const SIZE_SHARE: Readonly<Record<Size, number>> = { small: 0.6, middle: 1, large: 1.7 };

interface Wanted {
	readonly most: number;
	readonly least: number;
	readonly weight: number;
}

function wantedBy({ look = PLAIN_LOOK }: RowShape): Wanted {
	const tall = TALL_FORMS.has(look.form);
	const share = SIZE_SHARE[look.size];
	const [most, least] = tall ? [TALL_MOST_HIGH, TALL_LEAST_HIGH] : [MOST_HIGH, LEAST_HIGH];
	const more = look.gradation ? 1.2 : 1;
	return {
		most: most * share * more,
		least: least * Math.max(1, share) * more,
		weight: (tall ? 2.6 : 1) * share * more
	};
}

/** Heights of all rows: by their weights, none beyond what it wants; the plate grows where they would be too low. */
function heightsOf(wanted: readonly Wanted[], room: number): number[] {
	const total = wanted.reduce((sum, { weight }) => sum + weight, 0);
	return wanted.map(({ most, least, weight }) => Math.max(least, Math.min(most, (room * weight) / total)));
}

/**
 * Lays out rows. Rows of one plate have one left and right edge, so that they line up. Without words the colours take all
 * the room.
 */
export function layOutScales(shapes: readonly RowShape[], words: boolean): ScalesLayout {
	const top = words ? TOP : 28;
	const x = words ? 176 : 28;
	const width = PLATE_WIDTH - (words ? 26 : 28) - x;
	const room = PLATE_HEIGHT - top - BOTTOM;
	const wanted = shapes.map(wantedBy);
	const heights = heightsOf(words ? wanted : wanted.map((each) => ({ ...each, most: room })), room);
	let y = top;
	const rows = shapes.map((shape, i): RowPlace => {
		const place = layOutRow(shape, { x, y, width, height: heights[i]! }, words);
		y += heights[i]!;
		return place;
	});
	return { height: Math.max(PLATE_HEIGHT, y + BOTTOM), rows };
}

const GRADATION_GAP = 5;

function layOutRow({ inAll, look = PLAIN_LOOK }: RowShape, row: Box, words: boolean): RowPlace {
	const { y, height } = row;
	// Low rows keep their room for colour: the gaps and the line of labels give way first.
	const gap = words ? Math.max(4, Math.min(26, 4 + (height - LEAST_HIGH) * 0.6)) : Math.min(14, height * 0.18);
	const tall = TALL_FORMS.has(look.form);
	const labels = words && look.label !== 'none' && !tall ? (height < ROOMY ? 14 : 17) : 0;
	const free = height - gap - labels;
	const gradationHigh = look.gradation ? Math.max(8, Math.min(26, free * 0.2)) : 0;
	const band = { ...row, y: y + gap / 2, height: free - (look.gradation ? gradationHigh + GRADATION_GAP : 0) };
	const gradation = look.gradation ? { ...row, y: y + height - gap / 2 - gradationHigh, height: gradationHigh } : null;
	return { ...placeSteps(look, inAll, band), y, height, band, gradation };
}
