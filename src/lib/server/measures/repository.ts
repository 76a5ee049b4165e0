import { z } from 'zod';
import { matchesOf, readContrast } from '$lib/core/matching/own-contrast';
import { newId } from '$lib/model/ids';
import { measureSchema, type KeptMatch, type Measure } from '$lib/model/own-contrast';
import { type Queries } from '../database/database';
import { bringBack, setAside } from '../database/set-aside';

const COLUMNS = 'id, p, spread, made, jsonb_array_length(matches) as matches';
/** So many are listed; nobody measures themselves more often. */
const MOST_LISTED = 50;

const rowSchema = measureSchema.extend({ made: z.coerce.date().transform((made) => made.toISOString()) });

/** What a measure comes to, checked before it is kept: what could not be read again must not be written. */
const madeSchema = measureSchema.pick({ p: true, spread: true });

/** Reckons a person's own p out of their matches and keeps both. */
export async function createMeasure(database: Queries, matches: readonly KeptMatch[]): Promise<Measure> {
	const read = readContrast(matchesOf(matches));
	const { p, spread } = madeSchema.parse({ p: read.p, spread: read.spread });
	const [row] = await database.query(
		`insert into measure (id, p, spread, matches) values ($1, $2, $3, $4::jsonb) returning ${COLUMNS}`,
		[newId(), p, spread, JSON.stringify(matches)]
	);
	return rowSchema.parse(row);
}

/** The measures that are kept, the newest first; what cannot be read is left out and hides no other. */
export async function listMeasures(database: Queries): Promise<Measure[]> {
	const rows = await database.query(
		`select ${COLUMNS} from measure where deleted is null order by made desc, id limit $1`,
		[MOST_LISTED]
	);
	return rows.flatMap((row) => rowSchema.safeParse(row).data ?? []);
}

/** Sets a measure aside; `restoreMeasure` takes that back. False where there was none to set aside. */
export const deleteMeasure = (database: Queries, id: string): Promise<boolean> => setAside(database, 'measure', id);

export const restoreMeasure = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'measure', id);
