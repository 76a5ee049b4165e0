import { execFileSync, spawn } from 'node:child_process';
import { mkdir, symlink } from 'node:fs/promises';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { begunFolder } from '../support/begun';
import { launch, newFolder, started, stopped, type OwnServer } from '../support/server';
import { keep, readBack } from '../support/studies';
import { cannot, noteFault } from './report';

let folder: string;
let first: OwnServer;

beforeAll(async () => {
	folder = await begunFolder();
	first = await started(folder);
});
afterAll(() => stopped(first, 'SIGTERM'));

/** A second server is refused in one clear line, and the first one goes on with all that it has. */
async function refused(
	second: { ended: Promise<number | null>; complaints: () => string },
	way: string
): Promise<void> {
	const { id } = await keep(first.url);
	expect(await second.ended, way).toBe(1);
	expect(second.complaints()).toContain('Another Ricercar server already uses');
	expect(second.complaints()).not.toMatch(/\n\s+at /);
	expect((await readBack(first.url, id)).revision).toBe(1);
	noteFault(`a second server on the folder, ${way}`, 1, 'nothing: it is refused');
}

it('by the same name', async () => refused(await launch(folder), 'by the same name'));

it('by a link', async () => {
	const link = join(await newFolder(), 'link');
	await symlink(folder, link);
	await refused(await launch(link), 'by a link');
});

it('through a bind mount', async ({ skip }) => {
	const mount = join(await newFolder(), 'mount');
	await mkdir(mount);
	try {
		execFileSync('mount', ['--bind', folder, mount], { stdio: 'pipe' });
	} catch (error) {
		return cannot(skip, 'A bind mount', error);
	}
	try {
		await refused(await launch(mount), 'through a bind mount');
	} finally {
		execFileSync('umount', [mount]);
	}
});

it('from another network namespace', async ({ skip }) => {
	try {
		execFileSync('unshare', ['-n', 'true'], { stdio: 'pipe' });
	} catch (error) {
		return cannot(skip, 'A network namespace', error);
	}
	const env = { ...process.env, RICERCAR_DATA: folder, RICERCAR_DEMO: '', PORT: '4000' };
	const child = spawn('unshare', ['-n', process.execPath, 'build/index.js'], {
		env,
		stdio: ['ignore', 'ignore', 'pipe']
	});
	let complaints = '';
	child.stderr.on('data', (text) => (complaints += String(text)));
	const ended = new Promise<number | null>((done) => child.on('exit', done));
	await refused({ ended, complaints: () => complaints }, 'from another network namespace');
});

it('closed cleanly, or killed, the folder is free at once', async () => {
	const { id } = await keep(first.url);
	for (const signal of ['SIGTERM', 'SIGKILL', 'SIGINT'] as const) {
		await stopped(first, signal);
		first = await started(folder);
		expect((await readBack(first.url, id)).revision).toBe(1);
	}
});
