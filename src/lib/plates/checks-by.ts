import { z } from 'zod';
import {
	COLOUR_DEMANDS,
	colourDemands,
	isColourDemand,
	MOST_ASKED,
	type ColourDemand,
	type MadeColours
} from '$lib/core/brief/asked-of-colours';
import { bothBooks, type RuleBook } from '$lib/core/brief/rule-book';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { colourTextSchema } from '$lib/model/colour-text';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { idSchema, newId } from '$lib/model/ids';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { type KindChecks } from './checks';
import { checkKey, decision } from './decision';
import { type NamedCode } from './kind';

const value = z.number().min(0).max(100);
const count = z.int().min(0).max(MOST_ASKED);

/** What can be asked of the colours of any plate, as `ColourDemand` of the core has it. */
export const colourDemandSchemas = [
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[0]), least: count, most: count }),
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[1]), least: value }),
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[2]), least: value }),
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[3]), within: value }),
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[4]), is: z.enum(['high', 'low']), limit: value }),
	z.strictObject({ rule: z.literal(COLOUR_DEMANDS[5]), is: z.enum(['warm', 'cool', 'both']) }),
	z.strictObject({
		rule: z.literal(COLOUR_DEMANDS[6]),
		palette: z.array(colourTextSchema).min(1).max(60).readonly(),
		within: value
	})
] as const;

/** What was set by eye before a solution was shown. */
export const attemptRuleSchema = z.strictObject({ rule: z.literal('attempt'), within: value });

export const MOST_CHECKS = 20;

/** The checks of a plate, each a rule by its schema. */
export const checksOf = <R extends z.ZodType>(rule: R) =>
	z.array(z.strictObject({ id: idSchema, rule })).max(MOST_CHECKS);

/** A plate that carries checks. */
interface Checked<R> extends PlateBase {
	readonly checks?: readonly { readonly id: string; readonly rule: R }[] | undefined;
}

/** Changes the checks of a plate. */
const changeChecks = <P extends Checked<R>, R>(
	plate: P,
	change: (checks: readonly { readonly id: string; readonly rule: R }[]) => readonly { id: string; rule: R }[]
): Edit => withPlateOf<P>(plate.kind, plate.id, (now) => ({ ...now, checks: change(now.checks ?? []) }));

/** The same plate with ids of its own for its checks. */
export const copyChecks = <P extends Checked<unknown>>(plate: P): P =>
	plate.checks ? { ...plate, checks: plate.checks.map((check) => ({ ...check, id: newId() })) } : plate;

export const checkIds = ({ checks = [] }: Checked<unknown>): string[] => checks.map(({ id }) => id);

/** Checks of a kind whose plates carry rules of one book. Nothing is made for a plate of which nothing is asked. */
function checksBy<P extends Checked<R>, R, M>(
	book: RuleBook<R, M>,
	make: (plate: P, linked: readonly LinkedColour[]) => M,
	ofPalette: (palette: readonly string[]) => R
): KindChecks<P> {
	return {
		most: MOST_CHECKS,
		askPalette: (plate, palette) =>
			changeChecks<P, R>(plate, (checks) => [...checks, { id: newId(), rule: ofPalette(palette) }]),
		offered: (plate) =>
			book.common.map(({ about, rules }) => ({
				about,
				checks: rules.map(({ name, says, rule }) => ({
					name,
					says,
					asks: book.words(rule),
					add: () => changeChecks<P, R>(plate, (checks) => [...checks, { id: newId(), rule }])
				}))
			})),
		carry: (plate, { checks }) => ({ ...plate, checks }),
		decisions: ({ checks = [] }) =>
			checks.map(({ id, rule }) => decision(checkKey(id), `the check “${book.words(rule)}”`, rule)),
		judged: (plate, linked) => {
			const { checks = [] } = plate;
			if (checks.length === 0) return [];
			const made = make(plate, linked);
			return checks.map(({ id, rule }) => ({
				...book.judge(made, rule),
				id,
				asks: book.words(rule),
				of: null,
				at: null,
				limits: book.limits(rule).map((limit) => ({
					...limit,
					set: (to: number) =>
						changeChecks<P, R>(plate, (all) =>
							all.map((check) => (check.id === id ? { id, rule: limit.set(to) } : check))
						)
				})),
				remove: changeChecks<P, R>(plate, (all) => all.filter((check) => check.id !== id))
			}));
		}
	};
}

/** How near a colour has to lie to one of a palette, to begin with (ΔE00). */
export const NEAR_PALETTE = 2;
const allOfPalette = (palette: readonly string[]): ColourDemand => ({
	rule: 'of-palette',
	palette,
	within: NEAR_PALETTE
});

const named = ({ name, hex }: NamedCode) => ({ name, linear: toLinear(readColour(hex)) });

/** Checks of a kind by its own book and by that of colours, whatever they are on. */
export function checksOfColoursAnd<
	P extends Checked<ColourDemand | R>,
	R extends { readonly rule: string },
	M extends object
>(
	book: RuleBook<R, M>,
	make: (plate: P, linked: readonly LinkedColour[]) => M,
	colours: (plate: P, linked: readonly LinkedColour[]) => readonly NamedCode[],
	ofPalette: (palette: readonly string[]) => ColourDemand | R = allOfPalette
): KindChecks<P> {
	const both = bothBooks<ColourDemand, R, M & MadeColours>(colourDemands, book, isColourDemand);
	const made = (plate: P, linked: readonly LinkedColour[]) => ({
		...make(plate, linked),
		colours: colours(plate, linked).map(named)
	});
	return checksBy<P, ColourDemand | R, M & MadeColours>(both, made, ofPalette);
}
