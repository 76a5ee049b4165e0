import { z } from 'zod';
import { SCHEMES } from '$lib/core/scheme/schemes';
import { WHEELS } from '$lib/core/scheme/wheel';
import { colourSourceSchema } from '$lib/model/colour-text';
import { plateFields } from '$lib/model/plate-fields';
import { keptPaletteSchema } from '$lib/model/palette';

/** Members of a scheme, the lead colour among them. */
export const LEAST_MEMBERS = 2;
export const MOST_MEMBERS = 10;
export const MOST_RELATIVES = 20;
/** What the made-up designs are woven from: their ground, a broad part, a figure, a line, a small accent. */
export const ROLES = ['ground', 'broad', 'figure', 'line', 'accent'] as const;
export type Role = (typeof ROLES)[number];

const MOST_STRENGTH = 1000;

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
	others: z
		.array(schemeMemberSchema)
		.min(LEAST_MEMBERS - 1)
		.max(MOST_MEMBERS - 1),
	relatives: z.strictObject({
		shown: z.boolean(),
		/** So many on each side. */
		steps: z.int().min(1).max(MOST_RELATIVES),
		/** How far the last one goes, in percent. */
		amount: z.number().min(0).max(100)
	}),
	/** Whether the made-up designs are shown, and which member, from 0, has which role. */
	inUse: z.boolean(),
	roles: z
		.array(
			z
				.int()
				.min(0)
				.max(MOST_MEMBERS - 1)
		)
		.length(ROLES.length),
	keptTo: keptPaletteSchema.nullable()
});
export type SchemePlate = z.infer<typeof schemePlateSchema>;
