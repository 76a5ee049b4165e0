import { type PlateBase } from '$lib/model/plate-base';
import { sayUsesOf, usesOn } from '$lib/plates/kinds';

/** What a linked colour is used in, kind by kind. */
export interface Uses {
	/** Of each kind that uses it, in the order of the table: how many of its things, in words ("6 scales"). */
	readonly said: readonly string[];
	/** All of them together. */
	readonly count: number;
	readonly plates: readonly { id: string; title: string }[];
}

/** In how many things of which plates a linked colour counts: as a parent, a pinned step, a lead colour. */
export function usesOf(id: string, { plates }: { readonly plates: readonly PlateBase[] }): Uses {
	const using = plates.map((plate) => ({ plate, uses: usesOn(plate, id) })).filter(({ uses }) => uses > 0);
	return {
		said: sayUsesOf(using),
		count: using.reduce((sum, { uses }) => sum + uses, 0),
		plates: using.map(({ plate }) => ({ id: plate.id, title: plate.title }))
	};
}

/** "used in 6 scales and 1 wheel on 4 plates" */
export function sayUses({ said, plates }: Uses): string {
	if (plates.length === 0) return 'not used yet';
	const uses = said.join(', ').replace(/, ([^,]*)$/, ' and $1');
	return `used in ${uses} on ${plates.length} plate${plates.length === 1 ? '' : 's'}`;
}
