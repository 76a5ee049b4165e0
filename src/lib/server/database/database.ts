/** A row as the database gives it; the repositories read it with Zod. */
export type Row = Record<string, unknown>;

export interface Queries {
	/** Runs one statement of plain SQL with its parameters ($1, $2 …) and gives its rows. */
	query(sql: string, parameters?: readonly unknown[]): Promise<Row[]>;
}

/** All that the product asks of a database: two verbs, so that a PostgreSQL server can take the embedded one's place. */
export interface Database extends Queries {
	/** Runs statements together: all of them hold, or none. */
	transaction<T>(work: (queries: Queries) => Promise<T>): Promise<T>;
	close(): Promise<void>;
}
