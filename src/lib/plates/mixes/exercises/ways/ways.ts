import { z } from 'zod';
import { mixBy, WAYS, WAY_WORDS, type Way } from '$lib/core/mix/ways';
import { holds, look, type Remark } from '$lib/core/remark';
import { valueOf } from '$lib/core/colour/value-of';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { wrapped } from '$lib/drawing/head';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { decided } from '../../../decision';
import { type MixesCommon } from '../../common';
import { type MixExercise } from '../../exercise';
import { under } from '../../mix-shapes';
import { parentBoxes, placesOfBar } from '../../parent-bar';
import { namedParents, parentName, parentsOf, plural } from '../../parents';
import { wayBoxes } from './way-boxes';

const schema = z.strictObject({
	name: z.literal('ways'),
	/** The way that counts as the mix. */
	way: z.enum(WAYS)
});
export type Ways = z.infer<typeof schema>;

/** A patch that had to be brought into what a screen can show. */
interface MixedPatch extends Patch {
	readonly mapped: boolean;
}

interface Made {
	readonly parents: readonly Patch[];
	readonly mixes: Readonly<Record<Way, MixedPatch>>;
}

function make(common: MixesCommon, linked: readonly LinkedColour[]): Made {
	const parents = parentsOf(common, linked);
	const weighed = parents.map(({ linear }, i) => ({ linear, weight: common.parents[i]!.parts }));
	const mixes = WAYS.map((way) => {
		const { linear, mapped } = mixBy(way, weighed);
		return [way, { ...patchOf(linear), mapped }] as const;
	});
	return { parents, mixes: Object.fromEntries(mixes) as Record<Way, MixedPatch> };
}

const partsIn = ({ parents }: MixesCommon): number[] => parents.map(({ parts }) => parts);

function drawParents(common: MixesCommon, parents: readonly Patch[], linked: readonly LinkedColour[]): Shape[] {
	const boxes = parentBoxes(partsIn(common));
	return [
		...boxes.map((box, i) => bar(box, parents[i]!.hex)),
		...boxes.map((box, i) => {
			const { parts } = common.parents[i]!;
			const label = `${parentName(common, i, linked)}, ${plural(parts, 'part')}`;
			return under(box, box.width > label.length * 5.4 ? label : String(parts));
		})
	];
}

/** A card for each way: its mix, its code, and when the world mixes so. */
function drawCards(chosen: Way, mixes: Made['mixes']): Shape[] {
	const cards = wayBoxes();
	return WAYS.flatMap((way): Shape[] => {
		const box = cards[way];
		const { name, says } = WAY_WORDS[way];
		const mark = way === chosen ? 'the mix' : '';
		return [
			bar(box, mixes[way].hex),
			words(box.x, box.y + box.height + 19, name, { face: 'serif', size: 15, fill: INK }),
			words(box.x + box.width, box.y + box.height + 18, [mark, mixes[way].hex].filter(Boolean).join('  '), {
				anchor: 'end',
				strong: mark !== '',
				fill: INK
			}),
			...wrapped(says, 46).map((line, i) => words(box.x, box.y + box.height + 35 + i * 13, line))
		];
	});
}

function remarksOn(mixes: Made['mixes']): Remark[] {
	const value = (way: Way): number => valueOf(mixes[way].linear);
	const sorted = [...WAYS].sort((one, other) => value(other) - value(one));
	const [lightest, darkest] = [sorted[0]!, sorted.at(-1)!];
	const named = (way: Way): string => `${WAY_WORDS[way].name.toLowerCase()}, ${value(way).toFixed(0)}`;
	return [
		holds('ways.extremes', `Lightest: ${named(lightest)}. Darkest: ${named(darkest)}.`),
		...WAYS.filter((way) => mixes[way].mapped).map((way) =>
			look('ways.clipped', `${WAY_WORDS[way].name}: brighter than the screen’s white, clipped.`)
		)
	];
}

const isWay = (key: string): key is Way => WAYS.some((way) => way === key);

/** The same parents in the same parts, mixed as the world and the screen mix them. */
export const ways: MixExercise<Ways, Made> = {
	name: 'ways',
	schema,
	words: {
		name: 'Six ways to mix',
		says: 'The same parents in the same parts, mixed as the world and the screen mix them.',
		source: 'Kubelka and Munk, 1931, for paint'
	},
	heading: 'mixed six ways',
	decides: { way: decided('way', 'the way that counts as the mix') },
	parts: true,
	begin: () => ({ name: 'ways', way: 'paint' }),
	make: (common, _, linked) => make(common, linked),
	draw: ({ common, settings, made: { parents, mixes }, linked }, detail) => [
		...drawParents(common, parents, linked),
		...(detail === 'question' ? [] : drawCards(settings.way, mixes))
	],
	places: (common) => {
		const boxes = wayBoxes();
		return [
			...placesOfBar(partsIn(common)),
			...WAYS.map((way) => ({ what: 'mix', key: way, box: boxes[way] }) as const)
		];
	},
	seen: ({ made: { mixes } }, { key }) => (isWay(key) ? { ...mixes[key], name: WAY_WORDS[key].name } : null),
	colours: ({ common, made: { mixes }, linked }) => [
		...namedParents(common, linked),
		...WAYS.map((way) => ({ name: WAY_WORDS[way].name, hex: mixes[way].hex }))
	],
	reveals: (settings) => [
		{ settings, asks: true, says: 'the parents' },
		{ settings, says: 'mixed six ways' }
	],
	remarks: ({ made }) => remarksOn(made.mixes)
};
