import { toLinear } from '$lib/core/colour/colour';
import { valueToLuminance } from '$lib/core/colour/lab';
import { linearToHex } from '$lib/core/colour/bytes';
import { bar, barsIn, rowIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Drawing, type SeenAs, type Shape } from '$lib/drawing/drawing';
import { header } from '$lib/drawing/head';
import { ticks, upright, vanishes } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { INK, PAPER, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf } from '$lib/model/resolve';
import { drawLine, drawMarks } from './draw-marks';
import { gradationSteps } from './gradation-of';
import { measuredOf, notanOf } from './measured';
import { layOutPicture, layOutSmall, stepBoxes } from './picture-layout';
import { LARGE, type Large, type PicturePlate } from './schema';
import { coloursInWords, EMPHASIS_WORDS, inWords, ORDER_WORDS, perCent } from './words';

/** The code of the grey of a value L*. */
const greyOf = (value: number): string => {
	const y = valueToLuminance(value);
	return linearToHex(y, y, y);
};

/** What a picture is seen through; as it is, where what it takes has not been reckoned. */
export function seenIn(plate: PicturePlate, large: Large): SeenAs {
	const texts = plate.places.map(({ text }) => text);
	const notan = notanOf(plate);
	if (large === 'colours' && texts.length > 0) return { as: 'colours', colours: texts, shown: texts };
	if (large === 'values' && notan) return { as: 'values', borders: notan.borders, shown: notan.values.map(greyOf) };
	return { as: 'itself' };
}

const picture = (plate: PicturePlate, box: Box, large: Large): Shape => ({
	kind: 'image',
	...box,
	id: plate.picture.id,
	seen: seenIn(plate, large)
});

/** What stands under each of the three. */
export function wordsUnder(plate: PicturePlate, large: Large): string {
	if (large === 'picture') return 'as it is';
	if (large === 'colours') {
		const difference = measuredOf(plate)?.difference;
		const off = difference === undefined ? '' : `, ${difference.toFixed(1)} ΔE00 off`;
		return `in ${coloursInWords(plate.places.length)}${off}`;
	}
	const notan = notanOf(plate);
	if (!notan) return 'in few values';
	const values = notan.values.map((value) => value.toFixed(0)).join(', ');
	return `in ${inWords(notan.values.length)} value${notan.values.length === 1 ? '' : 's'}: ${values}`;
}

/** The shares as a bar of proportions, each with its number, and its per cent where there is room. */
function shares(plate: PicturePlate, box: Box): Shape[] {
	const measured = measuredOf(plate);
	const heading = words(box.x, box.y - 5, 'Shares');
	if (!measured) return [heading];
	const note = words(box.x + box.width, box.y - 5, 'how much of the picture each stands for', { anchor: 'end' });
	let x = box.x;
	const parts = plate.places.flatMap(({ text }, i): Shape[] => {
		const width = measured.shares[i]! * box.width;
		const part = { ...box, x, width };
		x += width;
		const labels: Shape[] = [];
		if (width > 10)
			labels.push(words(part.x + 1, box.y + box.height + 13, String(i + 1), { face: 'serif', fill: INK }));
		if (width > 48)
			labels.push(words(part.x + (i < 9 ? 11 : 17), box.y + box.height + 13, perCent(measured.shares[i]!)));
		return [bar(part, text), ...labels];
	});
	return [heading, note, ...parts];
}

const STOP = { half: 5, high: 7 } as const;

/** The gradation with a wedge under each place in it. */
function gradation(plate: PicturePlate, box: Box, linked: readonly LinkedColour[]): Shape[] {
	const steps = gradationSteps(plate);
	if (steps.length === 0) return [words(box.x, box.y - 5, 'Gradation')];
	const boxes = stepBoxes(plate);
	const ground = sheetOf(plate, linked).linear;
	const onLine = plate.along === 'line';
	const between = steps.length - plate.places.length;
	const note = onLine ? `${steps.length} squares, as they come` : `${between} between · ${steps.length} in all`;
	const stops = steps.flatMap(({ place }, i): Shape[] => {
		if (place === null) return [];
		const { x, width } = boxes[i]!;
		const [middle, top] = [x + width / 2, box.y + box.height + 3];
		const path = `M${middle} ${top}l${STOP.half} ${STOP.high}h${-2 * STOP.half}z`;
		return [
			{ kind: 'area', path, fill: INK },
			words(middle + 8, top + 8, String(place + 1), { face: 'serif', fill: INK })
		];
	});
	const lost = steps.flatMap(({ hex }, i) =>
		vanishes(toLinear(colourOf(hex)), ground) ? ticks(upright(boxes[i]!)) : []
	);
	return [
		rowIn(
			box,
			steps.map(({ hex }) => hex)
		),
		words(box.x, box.y - 5, onLine ? 'Along the line' : `Gradation, ${ORDER_WORDS[plate.order]}`),
		words(box.x + box.width, box.y - 5, note, { anchor: 'end' }),
		...lost,
		...stops
	];
}

/** The note at the head: what was taken. */
const noteOf = ({ places, emphasis, order }: PicturePlate): string =>
	places.length === 0
		? ''
		: `${coloursInWords(places.length)}, ${EMPHASIS_WORDS[emphasis].name.toLowerCase()}, ${ORDER_WORDS[order]}`;

/** The three as they stand: the largest first. */
export const threeOf = ({ large }: PicturePlate): readonly [Large, Large, Large] => {
	const [first, second] = LARGE.filter((each) => each !== large) as [Large, Large];
	return [large, first, second];
};

function whole(plate: PicturePlate, linked: readonly LinkedColour[]): Shape[] {
	const layout = layOutPicture(plate);
	const [large, first, second] = threeOf(plate);
	const smaller = [first, second].flatMap((each, i): Shape[] => {
		const box = layout.others[i]!;
		return [picture(plate, box, each), words(box.x, box.y + box.height + 13, wordsUnder(plate, each))];
	});
	return [
		picture(plate, layout.main, large),
		...smaller,
		...header(plate.title, noteOf(plate)),
		...(plate.along === 'line' ? drawLine(plate, layout.main) : []),
		...drawMarks(plate, layout.main),
		...shares(plate, layout.shares),
		...gradation(plate, layout.gradation, linked)
	];
}

/** A picture and its colours alone. */
function small(plate: PicturePlate): Shape[] {
	const { main, colours } = layOutSmall(plate);
	const steps = plate.along === 'line' ? plate.line.texts : plate.places.map(({ text }) => text);
	return [picture(plate, main, plate.large), ...(steps.length > 0 ? barsIn(colours, steps) : [])];
}

/** A picture plate: the picture with its places, it in their colours and in few values, their shares and their gradation. */
export const drawPicture = (plate: PicturePlate, linked: readonly LinkedColour[], withWords: boolean): Drawing => ({
	title: plate.title,
	width: PLATE_WIDTH,
	height: PLATE_HEIGHT,
	paper: PAPER,
	shapes: withWords ? whole(plate, linked) : small(plate)
});
