import { z } from 'zod';
import { DIRECTIONS, MOST_RELATIVES, RELATIVE_SIZES } from '$lib/core/scheme/relatives';
import { SCHEMES } from '$lib/core/scheme/schemes';
import { WHEELS } from '$lib/core/scheme/wheel';
import { colourSourceSchema } from '$lib/model/colour-text';
import { checksOf, colourDemandSchemas } from '../checks-by';
import { plateFields } from '$lib/model/plate-fields';
import { keptPaletteSchema } from '$lib/model/palette';

/** Members of a scheme, the lead colour among them. */
export const LEAST_MEMBERS = 2;
export const MOST_MEMBERS = 10;
/** Relatives that can be chosen, to be at work in the designs. */
export const MOST_CHOSEN = 60;
/** What the made-up designs are woven from: their ground, a broad part, a figure, a line, a small accent. */
export const ROLES = ['ground', 'broad', 'figure', 'line', 'accent'] as const;
export type Role = (typeof ROLES)[number];

/** What a scheme can be asked to meet, as `SchemeRule` and `ColourDemand` of the core have it. */
const ruleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('is-scheme'), is: z.enum(SCHEMES) }),
	...colourDemandSchemas
]);

const MOST_STRENGTH = 1000;

const member = z
	.int()
	.min(0)
	.max(MOST_MEMBERS - 1);

/** One relative: of which member, from 0, in which direction, how far, from 1. */
const relativeSchema = z.strictObject({
	member,
	direction: z.enum(DIRECTIONS),
	step: z.int().min(1).max(MOST_RELATIVES)
});
export type RelativeCell = z.infer<typeof relativeSchema>;

/** A member apart from the lead: how it departs from the scheme, or the colour at which it is fixed. */
const schemeMemberSchema = z.strictObject({
	/** Degrees from the lead, in a free scheme. */
	angle: z.number().min(-720).max(720),
	/** Distance from the middle of the wheel as times the scheme's. */
	strength: z.number().min(0).max(MOST_STRENGTH),
	/** L* added. */
	value: z.number().min(-100).max(100),
	fixed: colourSourceSchema.nullable()
});
export type SchemeMember = z.infer<typeof schemeMemberSchema>;

/** Colours taken from a wheel from a lead colour on. What another scheme leaves aside is kept. */
export const schemePlateSchema = z.strictObject({
	...plateFields,
	kind: z.literal('scheme'),
	wheel: z.enum(WHEELS),
	scheme: z.enum(SCHEMES),
	/** Degrees; brought into the range of the scheme. The scheme's usual one where there is none. */
	spread: z.number().min(0).max(360).optional(),
	holdValue: z.boolean(),
	lead: colourSourceSchema,
	/** Whether the lead stays as it is when a member is turned; it turns with them unless said. */
	leadFixed: z.boolean().optional(),
	others: z
		.array(schemeMemberSchema)
		.min(LEAST_MEMBERS - 1)
		.max(MOST_MEMBERS - 1),
	relatives: z.strictObject({
		shown: z.boolean(),
		/** So many each way at the most. */
		steps: z.int().min(1).max(MOST_RELATIVES),
		/** How far each is from the one before, in ΔE00. */
		size: z.number().min(RELATIVE_SIZES.least).max(RELATIVE_SIZES.most),
		/** The member whose cross is drawn full, where they are too many for all. */
		cross: member,
		chosen: z.array(relativeSchema).max(MOST_CHOSEN)
	}),
	/** Whether the made-up designs are shown, and which member, or chosen relative after them, has which role. */
	inUse: z.boolean(),
	roles: z
		.array(
			z
				.int()
				.min(0)
				.max(MOST_MEMBERS + MOST_CHOSEN - 1)
		)
		.length(ROLES.length),
	keptTo: keptPaletteSchema.nullable(),
	checks: checksOf(ruleSchema).optional()
});
export type SchemePlate = z.infer<typeof schemePlateSchema>;
