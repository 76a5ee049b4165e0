import { cp, readFile, rm, truncate, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { openEmbedded } from '../../src/lib/server/database/embedded';
import { newStudy } from '../../src/lib/study/new-study';
import { begunFolder } from '../support/begun';
import { launch, newFolder, started, stopped } from '../support/server';
import { keep } from '../support/studies';
import { noteFault } from './report';

/** A folder with some studies in it, closed cleanly; each test works on a copy. */
let whole: string;
const files: Record<string, string> = {};

beforeAll(async () => {
	whole = await begunFolder();
	const server = await started(whole);
	for (let i = 0; i < 60; i++) await keep(server.url, newStudy(`Study ${i}`, ''));
	await stopped(server, 'SIGTERM');
	const database = await openEmbedded(join(whole, 'own'));
	await database.query('vacuum full study');
	for (const name of ['study', 'study_pkey', 'study_changed', 'study_words', 'palette'])
		files[name] = String((await database.query('select pg_relation_filepath($1::regclass) as path', [name]))[0]!.path);
	await database.close();
});

async function copied(): Promise<string> {
	const folder = await newFolder();
	await cp(whole, folder, { recursive: true });
	return folder;
}

it('a database that a newer version has changed is refused at the start, with both numbers', async () => {
	const folder = await copied();
	const database = await openEmbedded(join(folder, 'own'));
	await database.query("insert into migration (name) values ('0042_later.sql')");
	await database.close();
	const server = await launch(folder);
	expect(await server.ended).toBe(1);
	expect(server.complaints()).toMatch(
		/made by a newer version of Ricercar: it has format 42, this version knows formats up to \d+/
	);
	expect(server.complaints()).not.toMatch(/\n\s+at /);
	noteFault('a start on a newer database', 1, 'nothing: it is refused');
});

/** Spoils every page of a file but leaves its length. */
async function spoil(path: string): Promise<void> {
	const content = await readFile(path);
	for (let at = 0; at < content.length; at += 8192) content.fill(0xa5, at, Math.min(content.length, at + 4096));
	await writeFile(path, content);
}

const DAMAGE: readonly (readonly [string, (path: (name: string) => string) => Promise<void>])[] = [
	['the table spoilt', (path) => spoil(path('study'))],
	['the table cut off', (path) => truncate(path('study'), 8192)],
	['the table gone', (path) => rm(path('study'))],
	['the index of ids spoilt', (path) => spoil(path('study_pkey'))],
	['the index of ids gone', (path) => rm(path('study_pkey'))],
	['the index of times spoilt', (path) => spoil(path('study_changed'))],
	['the index of words spoilt', (path) => spoil(path('study_words'))],
	['the palettes spoilt', (path) => spoil(path('palette'))],
	['the control file cut off', (path) => truncate(join(path('study'), '..', '..', '..', 'global', 'pg_control'), 100)]
];

describe('a damaged database', () => {
	it.each(DAMAGE)(
		'%s: said at the start, or answered in words; never a bare 500, never a stack',
		async (what, damage) => {
			const folder = await copied();
			await damage((name) => join(folder, 'own', files[name]!));
			const server = await launch(folder);
			const open = async () => {
				for (let tries = 0; tries < 100 && server.child.exitCode === null; tries++) {
					const up = await fetch(`${server.url}/help`).then(
						() => true,
						() => false
					);
					if (up) return true;
					await new Promise((done) => setTimeout(done, 200));
				}
				return false;
			};
			if (!(await open())) {
				expect(await server.ended).toBe(1);
				expect(server.complaints()).toContain('could not be opened');
				expect(server.complaints()).not.toMatch(/\n\s+at |\[object/);
				return noteFault(`start with ${what}`, 1, 'said at the start');
			}
			for (const path of [
				'/',
				'/api/studies',
				'/api/studies?words=study',
				'/api/studies?sort=title',
				'/api/palettes',
				'/palettes',
				'/api/studies/nosuchstudy'
			]) {
				const response = await fetch(server.url + path);
				expect([200, 404, 503], `${path}: ${response.status}`).toContain(response.status);
				if (response.status === 503) expect(await response.text()).toContain('seem to be damaged');
			}
			await stopped(server, 'SIGKILL');
			noteFault(`start with ${what}`, 1, 'answered in words where it is met');
		}
	);
});

it('a study that cannot be read is shown with its reason, can be taken out and deleted, and hides no other', async () => {
	const folder = await copied();
	const database = await openEmbedded(join(folder, 'own'));
	const [spoilt] = await database.query(
		`update study set document = '{"plates": 7}' where title = 'Study 7' returning id`
	);
	const [extreme] = await database.query(
		`update study set document = jsonb_set(document, '{linked,0,text}', '"oklch(0.5 1e150 30)"') where title = 'Study 8' returning id`
	);
	await database.query("update palette set content = '{}'");
	await database.close();
	const server = await started(folder);
	const page = await fetch(`${server.url}/studies/${String(spoilt!.id)}`);
	expect(page.status).toBe(200);
	const text = await page.text();
	expect(text).toContain('This study cannot be read');
	expect(text).toContain(String(spoilt!.id));
	expect((await fetch(`${server.url}/api/studies/${String(spoilt!.id)}`)).status).toBe(422);
	expect((await fetch(`${server.url}/api/studies/${String(spoilt!.id)}/picture.svg`)).status).toBe(422);
	const taken = await fetch(`${server.url}/api/studies/${String(spoilt!.id)}/document.json`);
	expect(await taken.json()).toEqual({ plates: 7 });
	expect((await fetch(`${server.url}/studies/${String(extreme!.id)}`)).status).toBe(200);
	const picture = await fetch(`${server.url}/api/studies/${String(extreme!.id)}/picture.svg`);
	expect(picture.status).toBe(200);
	expect(await picture.text()).not.toContain('NaN');
	const { lines } = (await (await fetch(`${server.url}/api/studies`)).json()) as { lines: unknown[] };
	expect(lines).toHaveLength(48);
	expect((await fetch(`${server.url}/api/studies/${String(spoilt!.id)}`, { method: 'DELETE' })).status).toBe(204);
	await stopped(server, 'SIGTERM');
	noteFault(
		'studies that cannot be read, or with colours beyond all measure',
		2,
		'nothing: the others are not touched'
	);
});
