import { type ColourSource } from '$lib/model/colour-text';
import { followedBy } from '$lib/model/sources';
import { kindOf } from '$lib/plates/kinds';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { setColours } from '../pattern-edits';
import { type PatternPlate } from '../schema';
import { rowsFor, type SourceRow } from './colours';

/** A row of another plate that several colours of a design follow. */
export interface FollowedRow {
	readonly row: SourceRow;
	/** The ids of the colours that follow it, in their order. */
	readonly ids: readonly string[];
	/** Whether each colour follows a step of its own, just where it was laid. */
	readonly matches: boolean;
	/** Steps that no colour follows. */
	readonly unused: readonly ColourSource[];
}

const placeOf = (source: ColourSource): string => followedBy(source)?.place ?? '';

/** The rows that the design follows, each with the colours that follow it. */
export function followedRows(workbench: Workbench, plate: PatternPlate): FollowedRow[] {
	const { linked, plates } = workbench.document;
	/** Where a colour is found on the plate that it follows, by the place that it has there now. */
	const nowAt = (source: ColourSource): string | null => {
		const follows = followedBy(source);
		const target = plates.find(({ id }) => id === follows?.plate);
		return (target && follows && kindOf(target).gives?.at(target, follows.place, linked)?.place) ?? null;
	};
	const following = plate.colours.flatMap(({ id, source }) => {
		const place = nowAt(source);
		return place === null ? [] : [{ id, source, plate: followedBy(source)!.plate, place }];
	});
	return rowsFor(workbench, plate).flatMap((row): FollowedRow[] => {
		const places = row.colours.map(({ source }) => placeOf(source));
		const own = following.filter((each) => each.plate === row.plate && places.includes(each.place));
		if (own.length < 2) return [];
		const used = new Set(own.map(({ place }) => place));
		const exact = own.every(({ source }) => places.includes(placeOf(source)));
		return [
			{
				row,
				ids: own.map(({ id }) => id),
				matches: exact && used.size === own.length,
				unused: row.colours.filter(({ source }) => !used.has(placeOf(source))).map(({ source }) => source)
			}
		];
	});
}

/** Lets the colours follow the steps by their number: the third colour the third step. Beyond the last step they take the last. */
export function followByNumber(workbench: Workbench, plate: PatternPlate, { row, ids }: FollowedRow): void {
	const sources = ids.map((id, i) => [id, row.colours[Math.min(i, row.colours.length - 1)]!.source] as const);
	workbench.edit('Follow a row by number', setColours(plate.id, null, new Map(sources)));
}

/** How many steps each row had when its design was seen last. */
const seen = new Map<string, number>();

/** Says that a row has more or fewer steps than the design was laid with, and offers to go by number. */
export function sayCounts(workbench: Workbench, plate: PatternPlate): void {
	for (const followed of followedRows(workbench, plate)) {
		const { row, ids, matches } = followed;
		const key = `${plate.id} ${ids[0]!}`;
		const before = seen.get(key);
		const count = row.colours.length;
		seen.set(key, count);
		if (before === count || (before === undefined && matches)) continue;
		notices.say(
			`The row has ${count} steps now; the ${ids.length} colours of this design follow it by nearest share.`,
			{ label: 'By number instead', run: () => followByNumber(workbench, plate, followed) }
		);
	}
}
