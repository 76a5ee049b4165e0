import { type Database } from './database';

const FILES = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

/** One statement ends with a semicolon at the end of a line; none of ours holds another there. */
const statementsOf = (sql: string): string[] =>
	sql
		.split(/;\s*$/m)
		.map((statement) => statement.trim())
		.filter(Boolean);

/** Runs the migrations that this database has not seen, in the order of their names, each whole or not at all. */
export async function migrate(database: Database): Promise<void> {
	await database.query(
		'create table if not exists migration (name text primary key, ran timestamptz not null default now())'
	);
	const seen = new Set((await database.query('select name from migration')).map(({ name }) => name));
	for (const [path, sql] of Object.entries(FILES).sort(([one], [other]) => (one < other ? -1 : 1))) {
		const name = path.split('/').at(-1)!;
		if (seen.has(name)) continue;
		await database.transaction(async (queries) => {
			for (const statement of statementsOf(sql)) await queries.query(statement);
			await queries.query('insert into migration (name) values ($1)', [name]);
		});
	}
}
