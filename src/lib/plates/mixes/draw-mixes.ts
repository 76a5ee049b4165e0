import { METHOD_WORDS } from '$lib/core/scale/words';
import { evenness } from '$lib/core/scale/readings';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { WAYS, WAY_WORDS } from '$lib/core/mix/ways';
import { pathBetween, pointOn } from '$lib/core/scale/path';
import { type MixesPlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { type Box } from '$lib/drawing/box';
import { header, wrapped } from '$lib/drawing/head';
import { bar, rowIn } from '$lib/drawing/bars';
import { GROUND, INK, words } from '$lib/drawing/words';
import { drawBalance } from './draw-balance';
import { crossingOf, patternIn } from './figures';
import { outlineOf } from '$lib/drawing/figure';
import { MARGIN, parentName, rowOf, under } from './mix-shapes';
import { chainPlaces, MIDDLE, OPTICAL, parentBoxes, steppedBack, STROKES, treeBoxes, wayBoxes } from './mixes-layout';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { mixesOf, type MadeMixes } from './mixes-of';
import { patchOf, type Patch } from '$lib/drawing/patch';

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

function drawWays(plate: MixesPlate, made: MadeMixes, linked: readonly LinkedColour[], answered: boolean): Shape[] {
	const boxes = parentBoxes(plate.parents.map(({ parts }) => parts));
	const cards = wayBoxes();
	const mixes = made.ways();
	return [
		...boxes.map((box, i) => bar(box, made.parents[i]!.hex)),
		...boxes.flatMap((box, i) => {
			const label = `${parentName(plate, i, linked)}, ${plural(plate.parents[i]!.parts, 'part')}`;
			return box.width > label.length * 5.4 ? [under(box, label)] : [under(box, String(plate.parents[i]!.parts))];
		}),
		...(answered ? WAYS : []).flatMap((way): Shape[] => {
			const box = cards[way];
			const { name, says } = WAY_WORDS[way];
			const chosen = way === plate.way ? 'the mix' : '';
			return [
				bar(box, mixes[way].hex),
				words(box.x, box.y + box.height + 19, name, { face: 'serif', size: 15, fill: INK }),
				words(box.x + box.width, box.y + box.height + 18, [chosen, mixes[way].hex].filter(Boolean).join('  '), {
					anchor: 'end',
					strong: chosen !== '',
					fill: INK
				}),
				...wrapped(says, 46).map((line, i) => words(box.x, box.y + box.height + 35 + i * 13, line, { size: 11 }))
			];
		})
	];
}

const WAY_PARTS = 120;

function drawMiddle(plate: MixesPlate, made: MadeMixes, linked: readonly LinkedColour[], withWords: boolean): Shape[] {
	const [one, other] = made.parents as [Patch, Patch];
	const middle = made.middle();
	const path = pathBetween(one.linear, other.linear, 'oklab', false);
	const fills = Array.from({ length: WAY_PARTS }, (_, i) => patchOf(pointOn(path, (i + 0.5) / WAY_PARTS).linear).hex);
	const at = MIDDLE.way.x + MIDDLE.way.width * middle.share;
	const lean =
		plate.lean === 0 ? 'the middle mixture' : `leaning to ${parentName(plate, plate.lean < 0 ? 0 : 1, linked)}`;
	const shown: Shape[] = plate.revealed
		? [
				bar(MIDDLE.middle, middle.hex),
				rowIn(MIDDLE.way, fills),
				{ kind: 'rule', x1: at, y1: MIDDLE.way.y - 12, x2: at, y2: MIDDLE.way.y - 2, stroke: INK },
				under(MIDDLE.middle, `${lean}, ${middle.hex}`),
				under(
					MIDDLE.middle,
					`ΔE00 ${middle.toFirst.toFixed(1)} to the first, ${middle.toSecond.toFixed(1)} to the second`,
					31
				)
			]
		: [];
	const guess = middle.guess;
	const found: Shape[] = guess
		? [
				bar(MIDDLE.guess, guess.hex),
				...(plate.revealed ? [bar(MIDDLE.truth, middle.middle.hex)] : []),
				words(MARGIN, MIDDLE.guess.y + 20, 'Found by eye', { face: 'serif', size: 15, fill: INK }),
				...(plate.revealed
					? [
							words(MARGIN, MIDDLE.guess.y + 40, `${guess.off.toFixed(1)} ΔE00 from the middle`),
							words(
								MARGIN,
								MIDDLE.guess.y + 56,
								`${guess.toFirst.toFixed(1)} to the first, ${guess.toSecond.toFixed(1)} to the second`
							),
							under(MIDDLE.truth, 'the middle'),
							under(MIDDLE.guess, 'by eye')
						]
					: [words(MARGIN, MIDDLE.guess.y + 40, 'Show the middle to see how far off it is.')])
			]
		: [];
	const all = [
		bar(MIDDLE.first, one.hex),
		bar(MIDDLE.second, other.hex),
		under(MIDDLE.first, parentName(plate, 0, linked)),
		under(MIDDLE.second, parentName(plate, 1, linked)),
		...shown,
		...found
	];
	return withWords ? all : all.filter(({ kind }) => kind !== 'words');
}

/** The smallest difference of a row's neighbours over the largest, in ΔE00. */
const evennessOf = (row: readonly Patch[]): number =>
	evenness(row.slice(1).map(({ linear }, i) => differenceOfLinear(row[i]!.linear, linear)));

function drawHalving(plate: MixesPlate, made: MadeMixes, linked: readonly LinkedColour[], answered: boolean): Shape[] {
	const boxes = treeBoxes(plate.levels);
	const tree = made.halving();
	const { row, even } = made.strokes();
	const [first, second] = [0, 1].map((i) => parentName(plate, i, linked).toLowerCase());
	const line = ({ y, height }: Box, name: string, told: readonly string[]): Shape[] => [
		words(MARGIN, y + Math.min(17, height / 2 + 5), name, { face: 'serif', size: 14, fill: INK }),
		...(height > 28 ? told.map((text, i) => words(MARGIN, y + 32 + i * 13, text, { size: 10.5 })) : [])
	];
	const halved = (answered ? tree : tree.slice(0, 1)).flatMap((patches, i) => [
		...rowOf(boxes[i]!, patches),
		...line(boxes[i]!, i === 0 ? 'Halved once' : i === 1 ? 'Twice' : `${i + 1} times`, [
			`${patches.length - 2} between · ${patches.length} in all`,
			...(i === 0 ? [METHOD_WORDS[plate.method].name] : [])
		])
	]);
	if (!answered) return halved;
	return [
		...halved,
		...rowOf(STROKES.row, row),
		...line(STROKES.row, plural(plate.strokes, 'stroke'), [`of ${second}`, `over ${first},`]),
		words(
			STROKES.row.x,
			STROKES.row.y - 8,
			`Strokes of ${Math.round(plate.strength * 100)} % cover, one laid over the other: evenness ${evennessOf(row).toFixed(2)}`,
			{ size: 11 }
		),
		...rowOf(STROKES.even, even),
		...line(STROKES.even, 'Even steps', ['for comparison'])
	];
}

function drawOverlap(plate: MixesPlate, made: MadeMixes, linked: readonly LinkedColour[], answered: boolean): Shape[] {
	const { figures } = chainPlaces(plate.parents.length, plate.figure);
	const crossings = made.crossings();
	const told = crossings.map(({ verdict, hex, byHand }, i) => {
		const sign = verdict.transparent ? 'reads as transparent' : 'does not read as transparent';
		return { title: `${i + 1} over ${i + 2}, ${hex}${byHand ? ', by hand' : ''}: ${sign}`, reason: verdict.reason };
	});
	const step = crossings.length > 2 ? 30 : 36;
	return [
		...figures.map((box, i): Shape => ({
			kind: 'figure',
			path: outlineOf(plate.figure, box),
			fill: made.parents[i]!.hex
		})),
		...crossings.map(({ hex }, i): Shape => ({
			kind: 'figure',
			path: crossingOf(plate.figure, figures[i]!, figures[i + 1]!),
			fill: hex
		})),
		...figures.map((box, i) =>
			words(box.x + box.width / 2, 84, `${i + 1}, ${parentName(plate, i, linked)}`, { anchor: 'middle' })
		),
		...(answered ? told : []).flatMap(({ title, reason }, i) => [
			words(MARGIN, 450 + i * step, title, { fill: INK, strong: true }),
			words(MARGIN, 464 + i * step, reason, { size: 11 })
		])
	];
}

function drawOptical(
	plate: MixesPlate,
	made: MadeMixes,
	linked: readonly LinkedColour[],
	back: number,
	answered: boolean
): Shape[] {
	const pattern = steppedBack(OPTICAL.pattern, back);
	const mean = steppedBack(OPTICAL.mean, back);
	const names = plate.parents.map((_, i) => parentName(plate, i, linked));
	const answer = [
		bar(mean, made.mean().hex),
		under(OPTICAL.mean, `the mean of their light, ${made.mean().hex}`),
		words(
			MARGIN + 24,
			462,
			'From far enough away the two fields look alike: the eye takes the mean of the light, not of the codes.',
			{
				face: 'serif',
				size: 14,
				fill: INK
			}
		),
		words(
			MARGIN + 24,
			482,
			`${names.length} colours in ${plate.pattern === 'dots' && names.length > 2 ? 'unequal' : 'equal'} areas`,
			{
				size: 11
			}
		)
	];
	return [
		...patternIn(
			pattern,
			plate.pattern,
			plate.grain * back,
			made.parents.map(({ hex }) => hex)
		),
		under(OPTICAL.pattern, `${plate.pattern} of ${names.join(', ')}`),
		...(answered ? answer : [])
	];
}

const TITLES: Readonly<Record<MixesPlate['exercise'], string>> = {
	ways: 'mixed six ways',
	middle: 'the middle mixture',
	halving: 'halving, and strokes laid over each other',
	overlap: 'overlaps',
	optical: 'the optical mix',
	balance: 'areas in balance'
};

/** How a plate of mixes is looked at. */
interface MixesLook {
	/** How far one has stepped back from an optical mix, as a share of its size. */
	readonly back?: number;
	/** Whether what the exercise comes to is shown, or still to be found out. */
	readonly answered?: boolean;
}

/** A plate of mixes as a drawing. */
export function drawMixes(
	plate: MixesPlate,
	linked: readonly LinkedColour[],
	withWords: boolean,
	{ back = 1, answered = true }: MixesLook = {}
): Drawing {
	const made = mixesOf(plate, linked);
	const shapes = ((): Shape[] => {
		switch (plate.exercise) {
			case 'ways':
				return drawWays(plate, made, linked, answered);
			case 'middle':
				return drawMiddle(plate, made, linked, withWords);
			case 'halving':
				return drawHalving(plate, made, linked, answered);
			case 'overlap':
				return drawOverlap(plate, made, linked, answered);
			case 'balance':
				return drawBalance(plate, made, linked, answered);
			case 'optical':
				return drawOptical(plate, made, linked, back, answered);
		}
	})();
	return {
		title: plate.title,
		width: PLATE_WIDTH,
		height: PLATE_HEIGHT,
		ground: GROUND,
		shapes: withWords
			? [...header(plate.title, TITLES[plate.exercise]), ...shapes]
			: shapes.filter(({ kind }) => kind !== 'words' && kind !== 'rule')
	};
}
