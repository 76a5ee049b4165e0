import { ownGrey } from '$lib/core/colour/grey';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { areasInBalance } from '$lib/core/ground/balance';
import { WHEEL_WORDS } from '$lib/core/scale/words';
import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
import { ROLES, type SchemePlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { bar, barsIn, rowIn } from '$lib/drawing/bars';
import { rounded } from '$lib/drawing/rounded';
import { type Box } from '$lib/drawing/box';
import { ticks, upright, vanishes } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { header, wrapped } from '$lib/drawing/head';
import { capital, nameOf } from '$lib/model/surroundings';
import { PAPER, INK, shortened, words } from '$lib/drawing/words';
import { band, border, lettering, type Yarns } from './designs';
import { chosenDot, drawCrossColours, drawCrossWords, type Crossed } from './draw-cross';
import { drawHueMap } from './draw-hue-map';
import { layOutScheme, type SchemeLayout } from './scheme-layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { chosenOf, relativesOfScheme, schemeOf, spreadOf, workers, type MadeScheme } from './scheme-of';

const LEFT = 28;
/** Letters in a line under the map. */
const LETTERS = 50;

/** "from madder, on the painter’s wheel, spread 30°, value held" */
function schemeSays(plate: SchemePlate, linked: readonly LinkedColour[]): string {
	const lead = nameOf(plate.lead, { linked });
	const spread = spreadOf(plate);
	return [
		`from ${lead}, on the ${WHEEL_WORDS[plate.wheel]}`,
		...(spread === undefined ? [] : [`spread ${spread.toFixed(0)}°`]),
		...(plate.holdValue ? ['value held'] : [])
	].join(', ');
}

/** What the scheme is: under the map and the designs, or in the head of the plate where there are none. */
function caption(plate: SchemePlate, linked: readonly LinkedColour[], { map, designs }: SchemeLayout): Shape[] {
	const { name, keeps } = SCHEME_WORDS[plate.scheme];
	if (designs.length === 0) return header(plate.title, `${name}, ${schemeSays(plate, linked)}`);
	const x = map.x - 56;
	const y = map.y + map.height + 37;
	return [
		...header(plate.title, ''),
		words(x, y, name, { face: 'serif', size: 16, fill: INK }),
		words(x, y + 15, shortened(schemeSays(plate, linked), LETTERS)),
		...wrapped(keeps, LETTERS).map((line, i) => words(x, y + 29 + i * 13, line))
	];
}

/** Words at the left of a row, in its middle. */
const beside = ({ y, height }: Box, text: string): Shape => words(LEFT, y + height / 2 + 4, text);

/** The least width at which a label has room. */
const ROOM = { code: 62, value: 34 } as const;

/** Members side by side, each with its number and as much more as there is room for. */
function drawRow({ members }: MadeScheme, boxes: readonly Box[], ground: ReadonlyTriple): Shape[] {
	const label = (i: number): string => {
		const { hex, value, fixed } = members[i]!;
		const { width } = boxes[i]!;
		if (width >= ROOM.code) return `${i + 1}  ${hex}${fixed && width > 104 ? ', fixed' : ''}`;
		return width >= ROOM.value ? `${i + 1} · ${value.toFixed(0)}` : `${i + 1}`;
	};
	return [
		...boxes.map((box, i) => bar(box, members[i]!.hex)),
		...boxes.flatMap((box, i) => (vanishes(members[i]!.linear, ground) ? ticks(upright(box)) : [])),
		...boxes.map(({ x, y, width, height }, i) =>
			words(x + width / 2, y + height + 13, label(i), {
				anchor: 'middle',
				strong: i === 0,
				...(i === 0 ? { fill: INK } : {})
			})
		)
	];
}

/** The colours of the palette that stand for the members, with how far each is off. */
function drawKept({ kept }: MadeScheme, { kept: box }: SchemeLayout, palette: string | undefined): Shape[] {
	if (!kept || !box) return [];
	const each = box.width / kept.length;
	return [
		...barsIn(
			box,
			kept.map(({ hex }) => hex)
		),
		beside(box, 'kept to'),
		words(LEFT, box.y + box.height + 13, shortened(palette ?? '', 14)),
		...kept.map(({ distance, poor }, i) =>
			words(box.x + (i + 0.5) * each, box.y + box.height + 13, `${distance.toFixed(1)}${poor ? ' !' : ''}`, {
				anchor: 'middle',
				strong: poor,
				...(poor ? { fill: INK } : {})
			})
		)
	];
}

function drawProportions({ used, usedHexes }: MadeScheme, { greys, balance }: SchemeLayout): Shape[] {
	let sum = 0;
	const edges = [0, ...areasInBalance(used).map((share) => (sum += share))].map((share) =>
		rounded(balance.x + share * balance.width)
	);
	const parts = usedHexes.map((fill, i): Shape => ({
		kind: 'bar',
		...balance,
		x: edges[i]!,
		width: rounded(edges[i + 1]! - edges[i]!),
		fill
	}));
	return [rowIn(greys, used.map(ownGrey)), beside(greys, 'own greys'), ...parts, beside(balance, 'in balance')];
}

/** The yarn for each role: the member or the relative that has it. Roles of what is no longer there begin again. */
export const yarnsOf = ({ roles }: SchemePlate, codes: readonly string[]): Yarns =>
	Object.fromEntries(ROLES.map((role, i) => [role, codes[roles[i]! % codes.length]!])) as Yarns;

function drawDesigns(plate: SchemePlate, codes: readonly string[], { designs }: SchemeLayout): Shape[] {
	const yarns = yarnsOf(plate, codes);
	return [band, border, lettering].flatMap((design, i) => (designs[i] ? design(designs[i], yarns) : []));
}

/** The places on a scheme plate, which follow from what is shown and not from any colour. */
export const schemeLayout = ({ relatives, inUse, keptTo, others }: SchemePlate): SchemeLayout =>
	layOutScheme({ relatives, inUse, others, kept: keptTo !== null });

/** What a member is called beside its cross. */
function memberName(plate: SchemePlate, linked: readonly LinkedColour[], index: number): string {
	if (index === 0) return capital(nameOf(plate.lead, { linked }));
	const { fixed } = plate.others[index - 1]!;
	return fixed && 'linked' in fixed ? capital(nameOf(fixed, { linked })) : `Member ${index + 1}`;
}

function crossed(plate: SchemePlate, linked: readonly LinkedColour[], { crosses }: SchemeLayout): Crossed[] {
	if (crosses.length === 0) return [];
	const codes = relativesOfScheme(plate, linked);
	const { members } = schemeOf(plate, linked);
	return crosses.map((cross) => ({
		cross,
		member: members[cross.member]!,
		codes: codes[cross.member]!,
		steps: plate.relatives.steps
	}));
}

/** Dots on what is chosen. */
const drawChosen = (plate: SchemePlate, linked: readonly LinkedColour[], { crosses }: SchemeLayout): Shape[] =>
	chosenOf(plate, linked).flatMap(({ member, direction, step, hex }) => {
		const cross = crosses.find((each) => each.member === member);
		return cross ? [chosenDot(cross, direction, step, hex)] : [];
	});

/** What the marks of the crosses mean. */
function legend(plate: SchemePlate, all: readonly Crossed[], { foot }: SchemeLayout): Shape[] {
	const { size, steps, chosen } = plate.relatives;
	const short = all.some(({ codes }) => Object.values(codes).some(({ length }) => length < steps));
	const parts = [
		plate.keptTo ? `the nearest of the palette to steps of ${size} ΔE00` : `every step ${size} ΔE00`,
		...(short ? ['a bar: no further step fits'] : []),
		...(chosen.length > 0 ? ['a dot: chosen'] : [])
	];
	return all.length > 0 ? [words(LEFT, foot, parts.join(' · '))] : [];
}

/** Whether members stand side by side: where they have no crosses, or are too many for each to have one. */
const inRow = ({ members }: MadeScheme, all: readonly Crossed[]): boolean => all.length < members.length;

/** The colours alone: crosses, or the members in a row; both where members are many. */
const drawMemberColours = (made: MadeScheme, all: readonly Crossed[], { members }: SchemeLayout): Shape[] => [
	...all.map(drawCrossColours),
	...(inRow(made, all) ? members.map((box, i) => bar(box, made.members[i]!.hex)) : [])
];

/** The same with what is written and marked around them. */
function drawMembers(
	plate: SchemePlate,
	linked: readonly LinkedColour[],
	made: MadeScheme,
	all: readonly Crossed[],
	layout: SchemeLayout
): Shape[] {
	const ground = sheetOf(plate, linked).linear;
	const armed = all.length === 1 ? 0 : all.findIndex(({ cross }) => cross.member === plate.relatives.cross);
	return [
		...all.map(drawCrossColours),
		...drawChosen(plate, linked, layout),
		...all.flatMap((each, i) =>
			drawCrossWords(each, ground, memberName(plate, linked, each.cross.member), i === Math.max(0, armed))
		),
		...(inRow(made, all) ? drawRow(made, layout.members, ground) : []),
		...legend(plate, all, layout)
	];
}

/** A scheme plate as a drawing. With `withWords` false only the colours are drawn, as a thumbnail shows them. */
export function drawScheme(plate: SchemePlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const made = schemeOf(plate, linked);
	const layout = schemeLayout(plate);
	const all = crossed(plate, linked, layout);
	const designs = drawDesigns(plate, workers(plate, linked), layout);
	const map = drawHueMap(made.spec, made.members, layout.map, withWords);
	const shapes = withWords
		? [
				...caption(plate, linked, layout),
				...drawMembers(plate, linked, made, all, layout),
				...drawKept(made, layout, plate.keptTo?.name),
				...drawProportions(made, layout),
				...designs,
				...map
			]
		: [...drawMemberColours(made, all, layout), ...designs.filter(({ kind }) => kind !== 'words'), ...map];
	return { title: plate.title, width: PLATE_WIDTH, height: layout.height, paper: PAPER, shapes };
}
