import { z } from 'zod';
import {
	CHIPS,
	chipErrors,
	drawnRow,
	orderError,
	SORTED_BY,
	type Row,
	type SortedBy
} from '$lib/core/matching/sorting';
import { holds, look, type Remark } from '$lib/core/remark';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { INK, words } from '$lib/drawing/words';
import { decided, KEPT_OF_WORK, WORK } from '../../../decision';
import { type MatchingExercise } from '../../exercise';
import { MOST_ATTEMPTS, MOST_SEED, STAGES } from '../../match-state';
import { seedOf } from '../../seed-of';

const chip = z
	.int()
	.min(0)
	.max(CHIPS - 1);
const orderSchema = z
	.array(chip)
	.length(CHIPS)
	.refine((order) => new Set(order).size === CHIPS, 'every chip once');
const schema = z.strictObject({
	name: z.literal('sorting'),
	stage: z.enum(STAGES),
	seed: z.int().min(0).max(MOST_SEED),
	by: z.enum(SORTED_BY),
	/** The chips by their true numbers, as they lie. */
	order: orderSchema,
	/** Errors of the orders that were checked. */
	errors: z.array(z.int().min(0).max(1000)).max(MOST_ATTEMPTS)
});
export type Sorting = z.infer<typeof schema>;

interface MadeSorting {
	readonly row: Row;
	readonly error: number;
}

const ROW = { x: 28, y: 120, width: 736, height: 150 } as const;
const BELOW = { ...ROW, y: 330, height: 90 } as const;
/** Where a chip lies: they touch. */
export const chipAt = (index: number, row: Box = ROW): Box => ({
	...row,
	x: row.x + (index * row.width) / CHIPS,
	width: row.width / CHIPS
});

/** The same chips with one of them moved; the first and the last stay where they are. */
export function withMoved(order: readonly number[], from: number, to: number): number[] {
	const inside = (at: number): number => Math.max(1, Math.min(CHIPS - 2, at));
	if (from < 1 || from > CHIPS - 2) return [...order];
	const next = [...order];
	const [moved] = next.splice(from, 1);
	next.splice(inside(to), 0, moved!);
	return next;
}

const fresh = (settings: Sorting, seed: number): Sorting => ({
	...settings,
	seed,
	stage: 'eye',
	order: [...drawnRow(settings.by, seed).mixed],
	errors: []
});
/** The same exercise by value, or by hue, on a new row. */
export const sortedBy = (settings: Sorting, by: SortedBy): Sorting => fresh({ ...settings, by }, settings.seed);

const BY: Readonly<Record<SortedBy, string>> = {
	value: 'from dark to light',
	hue: 'by hue, from one end to the other'
};

function drawChecked({ row, error }: MadeSorting, order: readonly number[]): Shape[] {
	const errors = [0, ...chipErrors(order), 0];
	return [
		...order.map((number, i) => bar(chipAt(i), row.codes[number]!)),
		...order.flatMap((number, i): Shape[] => {
			const { x, width } = chipAt(i);
			return [
				words(x + width / 2, ROW.y + ROW.height + 16, String(number + 1), {
					anchor: 'middle',
					strong: errors[i]! > 0,
					fill: INK
				})
			];
		}),
		words(ROW.x, ROW.y - 8, 'as you laid them, with their true numbers'),
		...row.codes.map((code, i) => bar(chipAt(i, BELOW), code)),
		words(ROW.x, BELOW.y - 8, 'in their true order'),
		words(ROW.x, BELOW.y + BELOW.height + 46, `Error ${error}`, { face: 'serif', size: 24, fill: INK }),
		words(ROW.x, BELOW.y + BELOW.height + 66, '0 is the true order; two neighbours exchanged cost 4, beside an end 3.')
	];
}

function remarksOn({ stage, errors }: Sorting, { error }: MadeSorting): Remark[] {
	if (stage !== 'checked')
		return [
			look('ask', 'Drag a chip to its place, or take it up with Enter and move it by arrow keys. Both ends lie right.')
		];
	const before = errors.length > 1 ? ` It was ${errors.at(-2)} before.` : '';
	return [
		error === 0
			? holds('matching.order', 'Every chip lies where it belongs: error 0.')
			: look('matching.order', `The error of this order is ${error}.${before}`)
	];
}

/** Twenty chips to be brought into order. */
export const sorting: MatchingExercise<Sorting, MadeSorting> = {
	name: 'sorting',
	schema,
	words: {
		name: 'Sort a row',
		says: 'Twenty chips brought into order of value, or of hue, by eye alone.',
		source:
			'Dean Farnsworth, 1943, for how the error is reckoned; the colours are ours, and it is no test of anyone’s eyes'
	},
	heading: 'twenty chips',
	decides: {
		stage: WORK,
		seed: decided('subject', 'the chips that were drawn'),
		by: decided('by', 'what they are sorted by'),
		order: WORK,
		errors: KEPT_OF_WORK
	},
	begin: ({ id }) => fresh({ name: 'sorting', stage: 'eye', seed: 0, by: 'value', order: [], errors: [] }, seedOf(id)),
	make: (_, { by, seed, order }) => ({ row: drawnRow(by, seed), error: orderError(order) }),
	draw: ({ settings, made }, detail) =>
		settings.stage === 'checked' && detail !== 'question'
			? drawChecked(made, settings.order)
			: [
					...settings.order.map((number, i) => bar(chipAt(i), made.row.codes[number]!)),
					words(ROW.x, ROW.y + ROW.height + 40, `Bring the chips into order ${BY[settings.by]}.`, {
						face: 'serif',
						size: 15,
						fill: INK
					}),
					words(ROW.x, ROW.y + ROW.height + 60, 'The first and the last lie where they belong.')
				],
	colours: ({ settings, made }) =>
		settings.stage === 'checked' ? made.row.codes.map((hex, i) => ({ name: `Chip ${i + 1}`, hex })) : [],
	preview: ({ settings, made }) => settings.order.map((number) => made.row.codes[number]!),
	reveals: (settings) => [
		{ settings: { ...settings, stage: 'eye' }, says: 'The row as it lies', asks: true },
		{ settings: { ...settings, stage: 'checked' }, says: 'Beside its true order' }
	],
	remarks: ({ settings, made }) => remarksOn(settings, made),
	subject: { colours: [], another: fresh, fresh: (settings) => fresh(settings, settings.seed) },
	byEye: ({ stage }) => stage !== 'checked',
	holds: () => [],
	places: () => []
};
