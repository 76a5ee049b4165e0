import { z } from 'zod';
import { matchesOf, readContrast } from '$lib/core/matching/own-contrast';
import { newId } from '$lib/model/ids';
import { measureSchema, type KeptMatch, type Measure } from '$lib/model/own-contrast';
import { type Queries, type Row } from '../database/database';
import { bringBack, setAside } from '../database/set-aside';

const COLUMNS = 'id, p, spread, made, jsonb_array_length(matches) as matches';
/** So many are listed; nobody measures themselves more often. */
const MOST_LISTED = 50;

const rowSchema = measureSchema.extend({ made: z.coerce.date().transform((made) => made.toISOString()) });

const toMeasure = (row: Row): Measure => rowSchema.parse(row);

/** Reckons a person's own p out of their matches and keeps both. */
export async function createMeasure(database: Queries, matches: readonly KeptMatch[]): Promise<Measure> {
	const { p, spread } = readContrast(matchesOf(matches));
	const [row] = await database.query(
		`insert into measure (id, p, spread, matches) values ($1, $2, $3, $4::jsonb) returning ${COLUMNS}`,
		[newId(), p, spread, JSON.stringify(matches)]
	);
	return toMeasure(row!);
}

/** The measures that are kept, the newest first. */
export async function listMeasures(database: Queries): Promise<Measure[]> {
	const rows = await database.query(
		`select ${COLUMNS} from measure where deleted is null order by made desc, id limit $1`,
		[MOST_LISTED]
	);
	return rows.map(toMeasure);
}

/** Sets a measure aside; `restoreMeasure` takes that back. False where there was none to set aside. */
export const deleteMeasure = (database: Queries, id: string): Promise<boolean> => setAside(database, 'measure', id);

export const restoreMeasure = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'measure', id);
