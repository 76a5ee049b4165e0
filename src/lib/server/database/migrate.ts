import { type Database } from './database';

const FILES = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

/** A newer version of Ricercar has changed this database; this one does not know how to keep what it wrote. */
export class NewerDatabase extends Error {
	override readonly name = 'NewerDatabase';

	constructor(found: number, known: number) {
		super(
			`It was made by a newer version of Ricercar: it has format ${found}, this version knows formats up to ${known}. Start the newer version, or set RICERCAR_DATA to another folder for this one.`
		);
	}
}

/** One statement ends with a semicolon at the end of a line; none of ours holds another there. */
const statementsOf = (sql: string): string[] =>
	sql
		.split(/;[^\S\n]*(?:\n|$)/)
		.map((statement) => statement.trim())
		.filter(Boolean);

const nameOf = (path: string): string => path.split('/').at(-1)!;
/** "0003_measures.sql" is the third format. */
const numberOf = (name: string): number => Number.parseInt(name, 10) || 0;

/**
 * Runs the migrations that this database has not seen, in the order of their names, each whole or not at all.
 * @throws NewerDatabase where it has seen one that is not ours; then nothing is changed.
 */
export async function migrate(database: Database): Promise<void> {
	await database.query(
		'create table if not exists migration (name text primary key, ran timestamptz not null default now())'
	);
	const seen = new Set((await database.query('select name from migration')).map(({ name }) => String(name)));
	const files = Object.entries(FILES).sort(([one], [other]) => (one < other ? -1 : 1));
	const known = new Set(files.map(([path]) => nameOf(path)));
	const unknown = [...seen].filter((name) => !known.has(name));
	if (unknown.length > 0)
		throw new NewerDatabase(Math.max(...unknown.map(numberOf)), Math.max(...[...known].map(numberOf)));
	for (const [path, sql] of files) {
		const name = nameOf(path);
		if (seen.has(name)) continue;
		await database.transaction(async (queries) => {
			for (const statement of statementsOf(sql)) await queries.query(statement);
			await queries.query('insert into migration (name) values ($1)', [name]);
		});
	}
}
