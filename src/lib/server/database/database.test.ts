import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { threadFile } from '../built';
import { type Database } from './database';
import { freeSpace, withMargin } from './disk';
import { openEmbedded } from './embedded';
import { failureOf, hasEnded, isDamage, isFull, OutOfSpace } from './failures';
import { lockFolder } from './lock';
import { migrate } from './migrate';
import { openThreaded } from './threaded';

const onsilent = () => undefined;
let folder: string;
let database: Database;

beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'ricercar-unit-'));
	database = await openThreaded({ file: threadFile('database-thread'), folder: join(folder, 'own'), onsilent });
	await database.query('create table note (id integer primary key, words text not null)');
});
afterAll(async () => {
	await database.close();
	await rm(folder, { recursive: true });
});

const notes = async () => (await database.query('select id from note order by id')).map(({ id }) => id);

describe('the database in a thread of its own', () => {
	it('answers questions that were asked at the same time, each with its own rows', async () => {
		const answers = await Promise.all([1, 2, 3].map((n) => database.query('select $1::integer as n', [n])));
		expect(answers).toEqual([[{ n: 1 }], [{ n: 2 }], [{ n: 3 }]]);
	});

	it('keeps a transaction whole, and takes back one that fails', async () => {
		const given = await database.transaction(async (queries) => {
			await queries.query("insert into note values (1, 'kept')");
			return 'done';
		});
		expect(given).toBe('done');
		const failing = database.transaction(async (queries) => {
			await queries.query("insert into note values (2, 'taken back')");
			throw new Error('changed my mind');
		});
		await expect(failing).rejects.toThrow('changed my mind');
		const broken = database.transaction(async (queries) => {
			await queries.query("insert into note values (3, 'taken back')");
			await queries.query('select nonsense');
		});
		await expect(broken).rejects.toMatchObject({ code: '42703' });
		expect(await notes()).toEqual([1]);
	});

	it('lets nothing between the statements of a transaction', async () => {
		const order: string[] = [];
		const whole = database.transaction(async (queries) => {
			await queries.query("insert into note values (10, 'first')");
			await new Promise((done) => setTimeout(done, 50));
			order.push('inside');
			await queries.query('delete from note where id = 10');
		});
		const outside = database.query('select count(*)::integer as n from note where id = 10').then((rows) => {
			order.push('outside');
			return rows;
		});
		await whole;
		expect(await outside).toEqual([{ n: 0 }]);
		expect(order).toEqual(['inside', 'outside']);
	});

	it('says what failed with its SQLSTATE, and nothing of the values', async () => {
		const failure: unknown = await database
			.query('insert into note values (1, $1)', ['somebody’s work'])
			.catch((error: unknown) => error);
		expect(failure).toMatchObject({ name: 'DatabaseFailure', code: '23505' });
		expect(JSON.stringify(Object.entries(failure as object)) + String(failure)).not.toContain('somebody');
	});

	it('is given up when it shows no sign of life', async () => {
		const silent = new Promise<string>((told) => {
			void openThreaded({
				file: resolve('tests/support/silent-thread.js'),
				folder,
				patience: 2,
				onsilent: () => told('given up')
			});
		});
		expect(await silent).toBe('given up');
	});

	it('that ends by itself is said to have ended, and not to be damaged', async () => {
		const file = resolve('tests/support/ending-thread.js');
		const ending = await openThreaded({ file, folder, onsilent });
		const failure: unknown = await ending.query('select 1').catch((error: unknown) => error);
		expect([hasEnded(failure), isDamage(failure), isFull(failure)]).toEqual([true, false, false]);
	});
});

describe('a disk that is nearly full', () => {
	it('refuses every write at once, goes on reading, and writes again when there is space', async () => {
		const free = await freeSpace(folder);
		expect(free).toBeGreaterThan(0);
		const guarded = withMargin(database, folder, free * 2);
		const write = guarded.query("insert into note values (20, 'no room')");
		await expect(write).rejects.toBeInstanceOf(OutOfSpace);
		await expect(guarded.transaction((queries) => queries.query('select 1'))).rejects.toThrow('nearly full');
		expect(await guarded.query('select count(*)::integer as n from note where id = 20')).toEqual([{ n: 0 }]);
		const roomy = withMargin(database, folder, 1);
		await roomy.query("insert into note values (20, 'room')");
		await roomy.query('delete from note where id = 20');
	});

	it('is known by every name that it has, and told apart from damage', () => {
		const full = [{ errno: 51 }, { code: 'ENOSPC', message: 'x' }, { code: '53100', message: 'x' }].map(failureOf);
		expect(full.map(isFull)).toEqual([true, true, true]);
		expect(full.map(isDamage)).toEqual([false, false, false]);
		const damage = [{ code: 'XX001', message: 'invalid page' }, { message: 'unreachable' }, 7, null].map(failureOf);
		expect(damage.map(isDamage)).toEqual([true, true, true, true]);
		expect(damage.map(isFull)).toEqual([false, false, false, false]);
		expect(isDamage(failureOf({ code: '23505', message: 'twice' }))).toBe(false);
	});
});

describe('a database of another version', () => {
	it('that is newer is refused with both numbers, and nothing is changed in it', async () => {
		const newer = await openEmbedded(null);
		await newer.query("insert into migration (name) values ('0099_later.sql')");
		await expect(migrate(newer)).rejects.toThrow(/newer version of Ricercar: it has format 99, .* up to 9/);
		expect(await newer.query('select count(*)::integer as n from migration')).toEqual([{ n: 10 }]);
		await newer.close();
	});
});

describe('the room that a database takes', () => {
	it('does not grow with the saves of one study', async () => {
		const [{ size: before } = { size: 0 }] = await grown(0);
		const [{ size: after } = { size: 0 }] = await grown(400);
		// 400 versions of 40 kB that hardly can be compressed would be 16 MB.
		expect(Number(after) - Number(before)).toBeLessThan(9_000_000);
	});

	async function grown(saves: number) {
		await database.query('delete from fact');
		for (let i = 0; i < saves; i++) {
			const noise = Array.from({ length: 5000 }, (_, k) =>
				((k * 7919 + i * 104_729) % 99_991).toString(36).padStart(8, '0')
			);
			await database.query(
				`insert into study (id, title, maker, course, words, plates, document) values ('grown', '', '', '', '', 0, $1::jsonb)
				on conflict (id) do update set document = excluded.document`,
				[JSON.stringify(noise)]
			);
		}
		return database.query('select pg_database_size(current_database()) as size');
	}
});

describe('the lock of a folder', () => {
	it('is held by one only, however the folder is called, and is free again when it is let go', async () => {
		const unlock = await lockFolder(folder);
		await expect(lockFolder(folder)).rejects.toThrow('Another Ricercar server already uses');
		await expect(lockFolder(join(folder, '..', folder.split('/').at(-1)!))).rejects.toThrow('Another');
		await unlock();
		const again = await lockFolder(folder);
		await again();
	});
});
