import { z } from 'zod';
import { ordinal } from '$lib/core/ordinals';
import { evenStrip, FIELDS, readStrip, strokedStrip, type StripReading } from '$lib/core/matching/strokes';
import { type Triple } from '$lib/core/colour/vector';
import { holds, look, type Remark } from '$lib/core/remark';
import { bar, rowIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { patchBy, patchOf } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { colourSourceSchema } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { decided, decidedColours, WORK } from '../../../decision';
import { drawnColours } from '../../drawn-colours';
import { type MatchingExercise } from '../../exercise';
import { MOST_SEED, STAGES } from '../../match-state';
import { seedOf } from '../../seed-of';

export const MOST_STROKES = 300;
const field = z
	.int()
	.min(0)
	.max(FIELDS - 1);
const strokeSchema = z.strictObject({
	from: field,
	to: field,
	strength: z.number().min(0).max(1),
	brush: z.union([z.literal('first'), z.literal('second'), z.strictObject({ field })])
});
const schema = z.strictObject({
	name: z.literal('strokes'),
	stage: z.enum(STAGES),
	seed: z.int().min(0).max(MOST_SEED),
	parents: z.tuple([colourSourceSchema, colourSourceSchema]),
	strokes: z.array(strokeSchema).max(MOST_STROKES)
});
export type Strokes = z.infer<typeof schema>;

interface MadeStrokes {
	readonly strip: readonly Triple[];
	readonly best: readonly Triple[];
	readonly reading: StripReading;
}

const STRIP = { x: 28, y: 110, width: 736, height: 170 } as const;
const BEST = { ...STRIP, y: 320, height: 84 } as const;
const CHIP = { width: 120, height: 74 } as const;
export const fieldBox = (index: number): Box => ({
	...STRIP,
	x: STRIP.x + (index * STRIP.width) / FIELDS,
	width: STRIP.width / FIELDS
});
const parentBox = (index: number): Box => ({ ...CHIP, x: STRIP.x + index * 300, y: 430 });
const NAMES = ['First', 'Second'] as const;

const hexes = (strip: readonly Triple[]): string[] => strip.map((linear) => patchOf(linear).hex);

function make({ parents: [one, other], strokes }: Strokes, linked: readonly LinkedColour[]): MadeStrokes {
	const [first, second] = [patchBy(one, linked).linear, patchBy(other, linked).linear];
	const strip = strokedStrip(first, second, strokes);
	return { strip, best: evenStrip(first, second), reading: readStrip(strip, first, second) };
}

/** Fields that touch: painted one by one, so that what is one colour is one field. */
const strip = (box: Box, fields: readonly Triple[]): Shape => rowIn(box, hexes(fields));

function drawChecked({ strip: own, best, reading }: MadeStrokes): Shape[] {
	const { x, width } = fieldBox(reading.after);
	const at = x + width;
	return [
		strip(STRIP, own),
		words(STRIP.x, STRIP.y - 8, 'yours'),
		{ kind: 'rule', x1: at, y1: STRIP.y + STRIP.height + 4, x2: at, y2: STRIP.y + STRIP.height + 16, stroke: INK },
		words(at, STRIP.y + STRIP.height + 30, 'the largest step', { anchor: 'middle' }),
		strip(BEST, best),
		words(BEST.x, BEST.y - 8, 'the best: equal steps'),
		words(BEST.x, BEST.y + BEST.height + 40, `${reading.off.toFixed(1)} ΔE00 off in the mean`, {
			face: 'serif',
			size: 22,
			fill: INK
		}),
		words(
			BEST.x,
			BEST.y + BEST.height + 60,
			`Largest step ${reading.largest.toFixed(1)} ΔE00; the best strip has no step over ${reading.best.toFixed(1)}.`
		)
	];
}

function drawWork({ parents }: Strokes, made: MadeStrokes, linked: readonly LinkedColour[]): Shape[] {
	return [
		strip(STRIP, made.strip),
		...parents.flatMap((parent, i): Shape[] => {
			const box = parentBox(i);
			return [
				bar(box, patchBy(parent, linked).hex),
				words(box.x + box.width + 12, box.y + 20, NAMES[i]!, { face: 'serif', size: 15, fill: INK })
			];
		}),
		words(
			STRIP.x,
			STRIP.y + STRIP.height + 40,
			'Blend the strip from the one colour to the other, without a step that is seen.',
			{
				face: 'serif',
				size: 15,
				fill: INK
			}
		),
		words(
			STRIP.x,
			STRIP.y + STRIP.height + 62,
			'Lay strokes of part strength, pick up what comes of them, and lay that between, again and again.'
		)
	];
}

function remarksOn({ stage, strokes }: Strokes, { reading }: MadeStrokes): Remark[] {
	if (stage === 'arrange') return [look('ask', 'Set the two colours, then begin: their codes are hidden then.')];
	if (stage === 'eye') return [look('ask', 'Drag along the strip to lay a stroke with what is in the brush.')];
	const { off, largest, best } = reading;
	const count = `${strokes.length} ${strokes.length === 1 ? 'stroke' : 'strokes'}`;
	const said = `After ${count} the strip is ${off.toFixed(1)} ΔE00 off the best in the mean; its largest step is ${largest.toFixed(1)}, that of the best ${best.toFixed(1)}.`;
	return [off < SMOOTH ? holds('matching.strip', said) : look('matching.strip', said)];
}

/** Under so many ΔE00 in the mean a strip counts as smooth (our choice). */
const SMOOTH = 2;

const drawn = (settings: Strokes, seed: number): Strokes => {
	const next = drawnColours(seed);
	return { ...settings, seed, parents: [next(), next()], strokes: [] };
};

/** A transition laid by strokes of part strength, picking up what comes of them. */
export const strokes: MatchingExercise<Strokes, MadeStrokes> = {
	name: 'strokes',
	schema,
	words: {
		name: 'A transition by strokes',
		says: 'From one colour to another by strokes of part strength, picking up what comes of them.'
	},
	heading: 'a strip to be blended',
	decides: {
		stage: WORK,
		seed: decided('subject', 'the strip that was drawn'),
		parents: decidedColours('subject', (i) => `the ${ordinal(i)} end`),
		strokes: WORK
	},
	begin: ({ id }) =>
		drawn(
			{ name: 'strokes', stage: 'eye', seed: 0, parents: [{ text: '#303030' }, { text: '#e8e8e8' }], strokes: [] },
			seedOf(id)
		),
	mapSources: (settings, change) => ({
		...settings,
		parents: [change(settings.parents[0]), change(settings.parents[1])]
	}),
	make: (_, settings, linked) => make(settings, linked),
	draw: ({ settings, made, linked }, detail) =>
		settings.stage === 'checked' && detail !== 'question' ? drawChecked(made) : drawWork(settings, made, linked),
	colours: ({ settings, made }) =>
		settings.stage === 'checked' ? hexes(made.strip).map((hex, i) => ({ name: `Field ${i + 1}`, hex })) : [],
	preview: ({ made }) => hexes(made.strip),
	reveals: (settings) => [
		{ settings: { ...settings, stage: 'eye' }, says: 'The strip', asks: true },
		{ settings: { ...settings, stage: 'checked' }, says: 'Beside the best' }
	],
	remarks: ({ settings, made }) => remarksOn(settings, made),
	subject: {
		colours: ([0, 1] as const).map((index) => ({
			key: String(index),
			name: NAMES[index],
			note: 'of the two colours',
			of: ({ parents }: Strokes) => parents[index],
			put: (settings: Strokes, source) => ({
				...settings,
				parents: index === 0 ? [source, settings.parents[1]] : [settings.parents[0], source]
			})
		})),
		another: drawn,
		fresh: (settings) => ({ ...settings, strokes: [] })
	},
	byEye: ({ stage }) => stage === 'eye',
	holds: ({ stage }) => (stage === 'arrange' ? [0, 1].map((i) => ({ what: 'subject', key: String(i) })) : []),
	places: ({ settings: { stage } }) =>
		stage === 'arrange'
			? [0, 1].map((i) => ({ what: 'subject', key: String(i), said: NAMES[i]!, box: parentBox(i) }))
			: []
};
