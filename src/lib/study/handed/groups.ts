import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { revisionSchema } from '$lib/model/listed';

export const MOST_GROUPS = 24;
const MOST_IN_GROUP = 1000;
/** A name of 120 letters, some of which are written as many. */
const LONGEST_KEY = 3000;

/** Sheets that hang together, by whoever made them: a newer hand-in hangs where the one before did. */
const wallGroupSchema = z.strictObject({
	id: idSchema,
	name: lineSchema,
	/** By `nameKey`, in the order in which they hang. */
	makers: z.array(z.string().min(1).max(LONGEST_KEY)).max(MOST_IN_GROUP).readonly()
});
export type WallGroup = z.infer<typeof wallGroupSchema>;

export const wallGroupsSchema = z
	.array(wallGroupSchema)
	.max(MOST_GROUPS)
	.refine((groups) => new Set(groups.map(({ id }) => id)).size === groups.length, 'groups of different ids')
	.readonly();

/** The groups of a wall, over the revision that they were made from; 0 where there were none. */
export const groupWallSchema = z.strictObject({ revision: revisionSchema.or(z.literal(0)), groups: wallGroupsSchema });
export type GroupWall = z.infer<typeof groupWallSchema>;

/** Whatever is known by a key, group by group as the groups have them; those of none last, under null. */
export function inGroups<Sheet extends { readonly id: string }>(
	sheets: readonly Sheet[],
	groups: readonly WallGroup[]
): { readonly group: WallGroup | null; readonly sheets: readonly Sheet[] }[] {
	const byKey = new Map(sheets.map((sheet) => [sheet.id, sheet]));
	const grouped = new Set(groups.flatMap(({ makers }) => makers));
	return [
		...groups.map((group) => ({ group, sheets: group.makers.flatMap((key) => byKey.get(key) ?? []) })),
		{ group: null, sheets: sheets.filter(({ id }) => !grouped.has(id)) }
	];
}

/**
 * The groups with these makers in one of them, in this order, and in no other; with them in none (null). Who is not on the wall
 * just now stays where they are.
 * @param shown who is on the wall
 */
export const hungIn = (
	groups: readonly WallGroup[],
	to: string | null,
	makers: readonly string[],
	shown: ReadonlySet<string>
): WallGroup[] =>
	groups.map((group) => {
		const stay = group.makers.filter((key) => !makers.includes(key));
		return { ...group, makers: group.id === to ? [...makers, ...stay.filter((key) => !shown.has(key))] : stay };
	});

/** One maker at the end of a group, or in none. */
export const movedTo = (groups: readonly WallGroup[], maker: string, to: string | null): WallGroup[] =>
	groups.map((group) => {
		const others = group.makers.filter((key) => key !== maker);
		return { ...group, makers: group.id === to ? [...others, maker] : others };
	});
