import { colourWords } from '$lib/core/colour/hue-words';
import { ownGrey } from '$lib/core/colour/grey';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { areasInBalance } from '$lib/core/ground/balance';
import { WHEEL_WORDS } from '$lib/core/scale/words';
import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
import { ROLES, type SchemePlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { barsIn, rowIn } from '$lib/drawing/bars';
import { rounded } from '$lib/drawing/rounded';
import { type Box } from '$lib/drawing/box';
import { ticks, vanishes } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { header, wrapped } from '$lib/drawing/head';
import { nameOf } from '$lib/model/surroundings';
import { PAPER, INK, shortened, words } from '$lib/drawing/words';
import { band, border, lettering, type Yarns } from './designs';
import { drawSchemeWheel, drawSmallWheel } from './draw-scheme-wheel';
import { layOutScheme, THREADS, THREAD_GAP, type RelativesLayout, type SchemeLayout } from './scheme-layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { relativesOfScheme, schemeOf, spreadOf, type MadeScheme, type RelativeCodes } from './scheme-of';

const COLUMN = 386;
const LETTERS = 72;

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

function caption(plate: SchemePlate, linked: readonly LinkedColour[]): Shape[] {
	const { name, keeps } = SCHEME_WORDS[plate.scheme];
	return [
		words(COLUMN, 74, name, { face: 'serif', size: 17, fill: INK }),
		words(COLUMN, 90, shortened(schemeSays(plate, linked), LETTERS)),
		...wrapped(keeps, LETTERS).map((line, i) => words(COLUMN, 105 + i * 13, line, { size: 12 }))
	];
}

/** Words at the left of a row, in its middle. */
const beside = ({ y, height }: Box, text: string): Shape => words(COLUMN, y + height / 2 + 4, text, { size: 12 });

/** The outer corners of a part of a row, with the direction in which a tick leads away, up or down. */
function cornersOf({ x, y, width, height }: Box, index: number, count: number) {
	const [left, right] = [x + (index * width) / count, x + ((index + 1) * width) / count];
	return [left, right].flatMap((at) => [[at, y - 1, 0, -1] as const, [at, y + height + 1, 0, 1] as const]);
}

/** The least width at which a label has room. */
const ROOM = { code: 54, value: 18 } as const;

function drawMembers(
	{ members, kept }: MadeScheme,
	layout: SchemeLayout,
	palette: string | undefined,
	ground: ReadonlyTriple
): Shape[] {
	const box = layout.members;
	const each = box.width / members.length;
	const label = (i: number): string => {
		const { hex, value, fixed } = members[i]!;
		const sign = fixed ? ', fixed' : '';
		if (each >= ROOM.code) return `${i + 1}  ${hex}${each > 90 ? sign : ''}`;
		return `${i + 1}${each > 30 ? ` · ${value.toFixed(0)}` : ''}`;
	};
	const matches = kept && layout.kept;
	return [
		...barsIn(
			box,
			members.map(({ hex }) => hex)
		),
		...members.flatMap(({ linear }, i) => (vanishes(linear, ground) ? ticks(cornersOf(box, i, members.length)) : [])),
		beside(box, 'members'),
		...members.map((_, i) =>
			words(box.x + (i + 0.5) * each, box.y + box.height + 12, label(i), {
				anchor: 'middle',
				size: 12,
				strong: i === 0,
				...(i === 0 ? { fill: INK } : {})
			})
		),
		...(matches
			? [
					...barsIn(
						matches,
						kept.map(({ hex }) => hex)
					),
					beside({ ...matches, y: matches.y - 6 }, 'kept to'),
					words(COLUMN, matches.y + matches.height / 2 + 11, shortened(palette ?? '', 13), { size: 12 }),
					...kept.map(({ distance, poor }, i) =>
						words(
							matches.x + (i + 0.5) * each,
							matches.y + matches.height + 11,
							`${distance.toFixed(1)}${poor ? ' !' : ''}`,
							{
								anchor: 'middle',
								size: 12,
								strong: poor,
								...(poor ? { fill: INK } : {})
							}
						)
					)
				]
			: [])
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

/** The yarn for each role: the member that has it. Roles of members that are no longer there begin again. */
export const yarnsOf = ({ roles }: SchemePlate, codes: readonly string[]): Yarns =>
	Object.fromEntries(ROLES.map((role, i) => [role, codes[roles[i]! % codes.length]!])) as Yarns;

function drawDesigns(plate: SchemePlate, { usedHexes }: MadeScheme, { designs }: SchemeLayout): Shape[] {
	const yarns = yarnsOf(plate, usedHexes);
	return [band, border, lettering].flatMap((design, i) => (designs[i] ? design(designs[i], yarns) : []));
}

/** How far each relative stands from its member: a number over each column, over every fifth where they are many. */
function numbersOver({ middle, head, cell, steps }: RelativesLayout): Shape[] {
	const every = steps > 12 ? 5 : 1;
	return Array.from({ length: steps }, (_, i) => i + 1)
		.filter((step) => step % every === 0)
		.flatMap((step) => {
			const out = (step - 0.5) * cell;
			return [middle.x - out, middle.x + middle.width + out].map((x) =>
				words(x, head, String(step), { anchor: 'middle', size: 12 })
			);
		});
}

function drawRelatives(made: MadeScheme, codes: readonly RelativeCodes[], layout: RelativesLayout): Shape[] {
	const { middle, head, blocks, cell, steps, thread } = layout;
	const [left, right] = [THREADS.map(([l]) => l).join(' · '), THREADS.map(([, r]) => r).join(' · ')];
	const width = cell * steps;
	return [
		words(middle.x - 8, head - 14, `${left} ←`, { anchor: 'end', size: 12 }),
		words(middle.x + middle.width + 8, head - 14, `→ ${right}`, { size: 12 }),
		...numbersOver(layout),
		...blocks.flatMap((block, i): Shape[] => {
			const centre = block.y + block.height / 2;
			const name = colourWords(made.members[i]!.linear);
			return [
				words(28, centre - 1, `${i + 1}`, { face: 'serif', size: 15, fill: INK }),
				words(28, centre + 11, shortened(name, 15), { size: 12 }),
				{ kind: 'bar', x: middle.x, y: block.y, width: middle.width, height: block.height, fill: made.usedHexes[i]! },
				...THREADS.flatMap(([to, from], t): Shape[] => {
					const row = { kind: 'row', y: block.y + t * (thread + THREAD_GAP), width, height: thread } as const;
					return [
						{ ...row, x: middle.x - width, codes: [...codes[i]![to]].reverse() },
						{ ...row, x: middle.x + middle.width, codes: codes[i]![from] }
					];
				})
			];
		})
	];
}

/** The places on a scheme plate, which follow from what is shown and not from any colour. */
export const schemeLayout = ({ relatives, inUse, keptTo, others }: SchemePlate): SchemeLayout =>
	layOutScheme({ relatives, inUse, kept: keptTo !== null, members: others.length + 1 });

/** As a thumbnail shows it: the wheel, the members beside it, and the designs. */
function drawSmall(plate: SchemePlate, made: MadeScheme): Drawing {
	const circle = { cx: 200, cy: 280, rim: 150 };
	const members = { x: 404, y: 96, width: 360, height: 150 };
	const small = layOutScheme({ relatives: { ...plate.relatives, shown: false }, inUse: true, kept: false, members: 2 });
	const designs = small.designs.map((box, i) => ({ ...box, x: 404 + i * 122, y: 270, width: 116, height: 190 }));
	return {
		title: plate.title,
		width: PLATE_WIDTH,
		height: 560,
		paper: PAPER,
		shapes: [
			...barsIn(members, made.usedHexes),
			...drawSmallWheel(made.spec, made.members, circle),
			...drawDesigns(plate, made, { ...small, designs }).filter(({ kind }) => kind !== 'words')
		]
	};
}

/** A scheme plate as a drawing. With `withWords` false only the colours are drawn, as a thumbnail shows them. */
export function drawScheme(plate: SchemePlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const made = schemeOf(plate, linked);
	if (!withWords) return drawSmall(plate, made);
	const layout = schemeLayout(plate);
	return {
		title: plate.title,
		width: PLATE_WIDTH,
		height: layout.height,
		paper: PAPER,
		shapes: [
			...header(plate.title, ''),
			...caption(plate, linked),
			...drawMembers(made, layout, plate.keptTo?.name, sheetOf(plate, linked).linear),
			...drawProportions(made, layout),
			...drawDesigns(plate, made, layout),
			...(layout.relatives ? drawRelatives(made, relativesOfScheme(plate, linked), layout.relatives) : []),
			...drawSchemeWheel(made.spec, made.members, layout.wheel)
		]
	};
}
