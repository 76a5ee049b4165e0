import { wallGroupsSchema, type GroupWall } from '$lib/study/handed/groups';
import { type Database, type Queries } from '../database/database';

/** The groups of a brief's wall; none where they were never made, or cannot be read. */
export async function readWall(database: Queries, brief: string): Promise<GroupWall> {
	const [row] = await database.query('select groups, revision from wall where brief = $1', [brief]);
	if (!row) return { revision: 0, groups: [] };
	return { revision: Number(row.revision), groups: wallGroupsSchema.safeParse(row.groups).data ?? [] };
}

/** Keeps the groups of a brief's wall over the revision that they were made from; gives the revision after it, null where it is another. */
export async function groupWall(
	database: Database,
	brief: string,
	{ revision, groups }: GroupWall
): Promise<number | null> {
	const [row] = await database.query(
		revision === 0
			? `insert into wall (brief, groups) values ($1, $2::jsonb) on conflict (brief) do nothing returning revision`
			: `update wall set groups = $2::jsonb, revision = revision + 1, changed = now()
				where brief = $1 and revision = $3 returning revision`,
		revision === 0 ? [brief, JSON.stringify(groups)] : [brief, JSON.stringify(groups), revision]
	);
	return row ? Number(row.revision) : null;
}
