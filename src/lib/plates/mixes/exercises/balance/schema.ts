import { z } from 'zod';
import { type Patch } from '$lib/drawing/patch';

export const BALANCE_FORMS = ['bars', 'blanket'] as const;

export const balanceSchema = z.strictObject({
	name: z.literal('balance'),
	/** As bars, or as the fields of a blanket. */
	laid: z.enum(BALANCE_FORMS)
});
export type Balance = z.infer<typeof balanceSchema>;

export interface MadeBalance {
	readonly parents: readonly Patch[];
	/** Shares of area, 0–1, in which the parents hold each other in balance. */
	readonly shares: readonly number[];
}
