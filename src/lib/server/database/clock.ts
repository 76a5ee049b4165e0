import { z } from 'zod';
import { type Queries } from './database';

const DAY = 86_400_000;
/** A clock may go on by so much while nobody is here; by more it is wrong, or it was a long summer. */
const FARTHEST = 40 * DAY;

const SEEN = 'clock seen';
const AHEAD = 'clock ahead since';

const factRow = z.object({ name: z.enum([SEEN, AHEAD]), content: z.iso.datetime() });
const newestRow = z.object({ newest: z.date().nullable() });

async function factsOf(database: Queries): Promise<Readonly<Record<string, number>>> {
	const rows = await database.query('select name, content from fact where name in ($1, $2)', [SEEN, AHEAD]);
	const read = rows.flatMap((row) => factRow.safeParse(row).data ?? []);
	return Object.fromEntries(read.map(({ name, content }) => [name, Date.parse(content)]));
}

const note = (database: Queries, name: string, now: Date): Promise<unknown> =>
	database.query(
		'insert into fact (name, content) values ($1, $2) on conflict (name) do update set content = excluded.content',
		[name, now.toISOString()]
	);

/** When anything was last changed here; null where nothing ever was. */
async function newest(database: Queries): Promise<number | null> {
	const [row] = await database.query(
		'select greatest((select max(changed) from study), (select max(changed) from palette), (select max(made) from hand_in)) as newest'
	);
	return newestRow.parse(row).newest?.getTime() ?? null;
}

/**
 * Whether the clock of this machine is to be believed, which decides what is old enough to be forgotten. One that stands more than forty
 * days after what was last seen here is believed only when it has stood so for a day: a clock that was set wrong for an hour must not
 * cost anybody anything.
 */
export async function clockIsBelieved(database: Queries, now: Date): Promise<boolean> {
	const { [SEEN]: seen, [AHEAD]: ahead } = await factsOf(database);
	const last = seen ?? (await newest(database)) ?? now.getTime();
	const stood = ahead === undefined ? -1 : now.getTime() - ahead;
	if (now.getTime() - last <= FARTHEST || (stood >= DAY && stood <= FARTHEST)) {
		await note(database, SEEN, now);
		await database.query('delete from fact where name = $1', [AHEAD]);
		return true;
	}
	if (stood < 0 || stood > FARTHEST) await note(database, AHEAD, now);
	return false;
}
