import { type Database, type Queries } from './database';

/** So many bytes of values are written before the database is tidied: old versions of rows cost no more space than about this. */
const TIDY_AFTER = 4_000_000;
/** What a statement costs beside its values: rows, indexes, images of pages. */
const PER_STATEMENT = 4_000;
/** The tables whose rows are written again and again. */
const TABLES = ['study', 'palette', 'hand_in', 'hand_in_piece', 'wall'] as const;

const sizeOf = (value: unknown): number => (typeof value === 'string' ? value.length : 8);

/**
 * A database that tidies itself after a while of writing: room of replaced rows is given back for new ones, and the log is cut.
 * PostgreSQL has processes of its own for both; the embedded one has none.
 */
export function tidied(database: Database): Database {
	let written = 0;
	let tidying: Promise<void> | null = null;
	const counting =
		(query: Queries['query']): Queries['query'] =>
		(sql, parameters = []) => {
			if (!/^\s*select\b/i.test(sql))
				written += PER_STATEMENT + parameters.reduce<number>((sum, each) => sum + sizeOf(each), 0);
			return query(sql, parameters);
		};
	async function tidy(): Promise<void> {
		written = 0;
		for (const table of TABLES) await database.query(`vacuum ${table}`);
		await database.query('checkpoint');
	}
	/** Runs after the work that was asked for, never in front of it. A failure is the next write's to report. */
	function later(): void {
		if (written < TIDY_AFTER || tidying) return;
		tidying = tidy()
			.catch(() => undefined)
			.finally(() => (tidying = null));
	}
	return {
		query: async (sql, parameters) => {
			const rows = await counting(database.query)(sql, parameters);
			later();
			return rows;
		},
		transaction: async (work) => {
			const result = await database.transaction((queries) => work({ query: counting(queries.query) }));
			later();
			return result;
		},
		close: async () => {
			await tidying;
			await database.close();
		}
	};
}
