import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { mkdir, symlink, truncate, utimes, writeFile } from 'node:fs/promises';
import { get } from 'node:http';
import { hostname } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { expect, it } from 'vitest';
import { newPlate } from '../../src/lib/plates/new-plate';
import { newStudy } from '../../src/lib/study/new-study';
import { printOf } from '../support/largest-study';
import { begunFolder } from '../support/begun';
import { launch, newFolder, started, stopped } from '../support/server';
import { asJson, keep, readBack, save } from '../support/studies';
import { cannot, noteFault } from './report';

const picture = (): Promise<Buffer> =>
	sharp({ create: { width: 300, height: 200, channels: 3, background: '#b3392b' } })
		.png()
		.toBuffer();

async function bring(url: string): Promise<{ id: string; width: number; height: number }> {
	const response = await fetch(`${url}/api/images`, {
		method: 'POST',
		headers: { 'content-type': 'application/octet-stream' },
		body: new Uint8Array(await picture())
	});
	expect(response.status).toBe(201);
	return (await response.json()) as { id: string; width: number; height: number };
}

it('what lies in the folder of pictures stops no start; a picture that is cut off is drawn as missing', async () => {
	const folder = await begunFolder();
	let server = await started(folder);
	const { id, width, height } = await bring(server.url);
	const study = newStudy('With a picture', '');
	const plate = newPlate('picture', { ...study, plates: [] });
	if (plate.kind !== 'picture') throw new Error('It is a plate with a picture.');
	const document = { ...study, plates: [{ ...plate, picture: { id, width, height, name: 'Cloth' }, places: [] }] };
	const { id: kept } = await keep(server.url, document);
	await stopped(server, 'SIGTERM');
	const pictures = join(folder, 'own-pictures');
	await truncate(join(pictures, id), 200);
	await symlink('/nowhere/at/all', join(pictures, 'danglinglink'));
	await symlink('.', join(pictures, 'linktoitself'));
	await mkdir(join(pictures, 'oldfolder'));
	await writeFile(join(pictures, 'oldfolder', 'notes.txt'), 'Not ours.');
	const past = new Date(Date.now() - 40 * 86_400_000);
	await utimes(join(pictures, 'oldfolder'), past, past);
	server = await started(folder);
	const answers = await Promise.all([
		fetch(`${server.url}/studies/${kept}`),
		fetch(`${server.url}/api/studies/${kept}/picture.svg`),
		fetch(`${server.url}/api/print`, asJson('POST', printOf(document))),
		fetch(
			`${server.url}/api/pictures`,
			asJson('POST', { plate: document.plates[0], linked: study.linked, width: 400 })
		),
		fetch(`${server.url}/api/images/${id}?as=png`),
		fetch(`${server.url}/api/images/oldfolder`),
		fetch(`${server.url}/api/images/danglinglink`)
	]);
	expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200, 422, 404, 404]);
	expect(await answers[4]!.text()).toContain('damaged');
	expect(await answers[1]!.text()).not.toContain('base64');
	expect(server.complaints()).not.toContain('failure');
	await stopped(server, 'SIGTERM');
	noteFault('starts with a link to nowhere, an old folder and half a picture among the pictures', 1, 'nothing');
});

it('a folder that cannot be written to is said as that', async ({ skip }) => {
	const folder = await begunFolder();
	try {
		execFileSync('mount', ['--bind', folder, folder], { stdio: 'pipe' });
		execFileSync('mount', ['-o', 'remount,bind,ro', folder], { stdio: 'pipe' });
	} catch (error) {
		return cannot(skip, 'A read-only mount', error);
	}
	try {
		const server = await launch(folder);
		expect(await server.ended).toBe(1);
		expect(server.complaints()).toMatch(/The folder .* cannot be written to \(its file system is read-only\)/);
		expect(server.complaints()).not.toMatch(/\n\s+at /);
	} finally {
		execFileSync('umount', [folder]);
	}
	noteFault('a start on a read-only folder', 1, 'nothing: it is said');
});

it('the lock holds whatever becomes of the programs that were begun for it', async () => {
	const folder = await begunFolder();
	const first = await started(folder);
	const children = readdirSync(`/proc/${first.child.pid!}/task`).flatMap((task) =>
		readFileSync(`/proc/${first.child.pid!}/task/${task}/children`, 'utf8').split(' ').filter(Boolean)
	);
	for (const child of children) process.kill(Number(child), 'SIGKILL');
	// Seen from outside, by the same means.
	expect(spawnSync('flock', ['-n', '-E', '75', join(folder, 'own', 'ricercar.lock'), 'true']).status).toBe(75);
	const second = spawn('unshare', ['-n', process.execPath, 'build/index.js'], {
		env: { ...process.env, RICERCAR_DATA: folder, RICERCAR_DEMO: '', PORT: '4000' },
		stdio: 'ignore'
	});
	expect(await new Promise((done) => second.on('exit', done))).toBe(1);
	await keep(first.url);
	expect(await stopped(first, 'SIGTERM')).toBe(0);
	noteFault('the helpers of a lock ended', 1, 'nothing: a second server is refused');
});

it('beyond loopback a website cannot act through a name of its own', async () => {
	const open = await launch(await begunFolder(), { HOST: '0.0.0.0', RICERCAR_HOSTS: 'studio.example' });
	const { port } = new URL(open.url);
	const ask = (host: string, method = 'GET'): Promise<number | undefined> =>
		new Promise((done) => {
			const headers = { host, origin: `http://${host}`, 'content-type': 'application/json' };
			const request = get({ host: '127.0.0.1', port, path: '/api/studies', method, headers }, (response) => {
				response.resume();
				done(response.statusCode);
			});
			request.on('error', () => done(undefined));
		});
	await expect.poll(() => ask(`127.0.0.1:${port}`), { timeout: 30_000 }).toBe(200);
	expect(await ask(`attacker.example:${port}`)).toBe(421);
	expect(await ask(`attacker.example:${port}`, 'POST')).toBe(421);
	for (const host of ['192.0.2.7', hostname(), 'studio.example', '[2001:db8::7]'])
		expect(await ask(`${host}:${port}`), host).toBe(200);
	await stopped(open, 'SIGTERM');
	const behind = await started(await begunFolder(), { ORIGIN: 'https://colour.school.example' });
	const through = await new Promise<number | undefined>((done) => {
		get(`${behind.url}/api/studies`, { headers: { host: 'colour.school.example' } }, ({ statusCode }) =>
			done(statusCode)
		);
	});
	expect(through, 'a proxy that passes Host through').toBe(200);
	await stopped(behind, 'SIGTERM');
	noteFault('requests under a name that is not the server’s', 2, 'nothing: they are refused');
});

it('every answered save and every picture is synced to the disk, as a trace of the system shows', async ({ skip }) => {
	const folder = await begunFolder();
	const server = await started(folder);
	const log = join(await newFolder(), 'trace');
	const trace = spawn(
		'strace',
		['-f', '-y', '-e', 'trace=fsync,fdatasync,rename', '-o', log, '-p', String(server.child.pid!)],
		{
			stdio: ['ignore', 'ignore', 'pipe']
		}
	);
	const attached = await new Promise<boolean>((done) => {
		trace.once('error', () => done(false));
		trace.stderr.on('data', (text) => String(text).includes('attached') && done(true));
		trace.once('exit', () => done(false));
	});
	if (!attached) {
		await stopped(server, 'SIGTERM');
		return cannot(skip, 'A trace of the system', new Error('strace cannot attach.'));
	}
	const { id } = await keep(server.url);
	const SAVES = 20;
	for (let i = 1; i <= SAVES; i++)
		expect((await save(server.url, id, i, `save${String(i).padStart(8, '0')}`, newStudy(`${i}`, ''))).status).toBe(200);
	const brought = await bring(server.url);
	expect((await readBack(server.url, id)).revision).toBe(SAVES + 1);
	trace.kill('SIGINT');
	await new Promise((done) => trace.once('exit', done));
	const lines = readFileSync(log, 'utf8').split('\n');
	const logSyncs = lines.filter((line) => /f(?:data)?sync\(\d+<[^>]*\/pg_wal\/[0-9A-F]{24}>\)/.test(line));
	expect(logSyncs.length).toBeGreaterThanOrEqual(SAVES + 1);
	const renamed = lines.findIndex((line) => line.includes(`/own-pictures/${brought.id}")`));
	const before = lines.slice(0, renamed).some((line) => /sync\(\d+<[^>]*\.begun>/.test(line));
	const after = lines.slice(renamed).some((line) => /fsync\(\d+<[^>]*\/own-pictures>/.test(line));
	expect([renamed > 0, before, after]).toEqual([true, true, true]);
	await stopped(server, 'SIGTERM');
	noteFault(`saves under a trace of the system: ${logSyncs.length} syncs of the log`, SAVES, 'nothing');
});
