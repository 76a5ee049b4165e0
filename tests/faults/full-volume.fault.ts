import { execFileSync } from 'node:child_process';
import { open, readdir, rm, statfs } from 'node:fs/promises';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { writeHandIn } from '../../src/lib/study/handed/hand-in-file';
import { newStudy } from '../../src/lib/study/new-study';
import { smallHandIn } from '../support/large-hand-in';
import { launch, newFolder, started, stopped } from '../support/server';
import { asJson, sendHandIn, keep, readBack, save } from '../support/studies';
import { cannot, CAMPAIGN, noteFault } from './report';

/** A volume of 192 MB that this test alone fills. */
let volume: string;
let trouble: unknown = null;
beforeAll(async () => {
	volume = await newFolder();
	try {
		execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=192m', 'tmpfs', volume], { stdio: 'pipe' });
	} catch (error) {
		trouble = error;
	}
});
afterAll(() => trouble ?? execFileSync('umount', ['-l', volume]));

const free = async (): Promise<number> => {
	const { bavail, bsize } = await statfs(volume);
	return bavail * bsize;
};

/** Fills the volume until so many bytes are left. */
async function leave(bytes: number): Promise<void> {
	const file = await open(join(volume, 'ballast'), 'w');
	const block = Buffer.alloc(1_000_000);
	for (let left = (await free()) - bytes; left > 0; left -= block.length)
		await file.write(block, 0, Math.max(1, Math.min(block.length, left))).catch(() => undefined);
	await file.close();
}
const freed = () => rm(join(volume, 'ballast'), { force: true });

/** About 160 kB, different each time. */
const large = (i: number) => ({
	...newStudy(`Save ${i}`, ''),
	linked: Array.from({ length: 60 }, (_, k) => ({
		id: `linked${String(k).padStart(6, '0')}`,
		name: `${i} ${k} `.repeat(20).trim().slice(0, 120),
		text: '#b3392b'
	})),
	plates: []
});

describe('a full volume', () => {
	it('refuses to write in words, goes on reading, and saves again by itself when space is back', async ({ skip }) => {
		if (trouble) return cannot(skip, 'A volume of its own', trouble);
		const folder = join(volume, 'data');
		let server = await started(folder);
		const { id } = await keep(server.url, newStudy('On a small volume', ''));
		let revision = 1;
		const saved = async (i: number) => {
			const response = await save(server.url, id, revision, `save${String(i).padStart(8, '0')}`, large(i));
			if (response.ok) revision = ((await response.json()) as { revision: number }).revision;
			return response;
		};
		for (let i = 0; i < 150 * CAMPAIGN; i++)
			expect((await saved(i)).status, `save ${i}, ${await free()} free`).toBe(200);

		const picture = await sharp({ create: { width: 90, height: 60, channels: 3, background: '#b3392b' } })
			.png()
			.toBuffer();
		const handedIn = writeHandIn(smallHandIn('handinoffull', 'Ines Marlow'));
		const bring = (url: string): Promise<Response> =>
			fetch(`${url}/api/images`, {
				method: 'POST',
				headers: { 'content-type': 'application/octet-stream' },
				body: new Uint8Array(picture)
			});
		for (const left of [60_000_000, 20_000_000, 0]) {
			await leave(left);
			const before = Date.now();
			const refused = await saved(9_000);
			expect(refused.status, `with ${left} left`).toBe(507);
			expect(Date.now() - before).toBeLessThan(2000);
			expect(await refused.json()).toMatchObject({
				code: 'disk-full',
				detail: expect.stringContaining('Make room') as string
			});
			const writes = await Promise.all([
				fetch(`${server.url}/api/studies`, asJson('POST', { document: newStudy('More', '') })),
				fetch(`${server.url}/api/studies/${id}`, { method: 'DELETE' }),
				fetch(
					`${server.url}/api/palettes`,
					asJson('POST', { palette: { name: 'P', maker: '', tags: [], colours: [] } })
				),
				sendHandIn(server.url, handedIn),
				bring(server.url)
			]);
			expect(writes.map(({ status }) => status)).toEqual([507, 507, 507, 507, 507]);
			expect((await readBack(server.url, id)).revision).toBe(revision);
			expect((await fetch(`${server.url}/studies/${id}`)).status).toBe(200);
			expect((await fetch(`${server.url}/api/studies/${id}/picture.svg`)).status).toBe(404);
			await freed();
			expect((await saved(9_001)).status).toBe(200);
		}
		// Nothing of what was refused stayed behind, and it can be sent again.
		expect((await readdir(join(folder, 'own-pictures')).catch(() => [])).length).toBe(0);
		const again = [await sendHandIn(server.url, handedIn), await bring(server.url)];
		expect(again.map(({ status }) => status)).toEqual([201, 201]);

		// Stopped and started on a volume without any space: reading still goes on.
		await leave(0);
		expect(await stopped(server, 'SIGTERM')).toBe(0);
		server = await launch(folder);
		const answer = await Promise.race([
			server.ended.then(() => 'ended'),
			new Promise((done) => setTimeout(() => done('runs'), 8000))
		]);
		if (answer === 'ended') expect(server.complaints()).toMatch(/Make room|free/);
		else expect((await readBack(server.url, id)).revision).toBe(revision);
		expect(server.complaints()).not.toContain('[object');
		await freed();
		if (answer === 'ended') server = await started(folder);
		expect((await saved(9_002)).status).toBe(200);
		expect(await stopped(server, 'SIGTERM')).toBe(0);
		noteFault('a volume that fills up and is freed again', 3, `0 of ${revision} answered saves`);
	});

	it('says in words why a first start is not possible on it', async ({ skip }) => {
		if (trouble) return cannot(skip, 'A volume of its own', trouble);
		await leave(10_000_000);
		const server = await launch(join(volume, 'another'));
		expect(await server.ended).toBe(1);
		expect(server.complaints()).toMatch(
			/could not be opened\. The disk is nearly full: \d+ MB are free, 128 MB are needed\. Make room/
		);
		await freed();
		noteFault('a first start on a full volume', 1, 'nothing: it is refused in words');
	});
});
