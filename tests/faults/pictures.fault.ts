import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { begunFolder } from '../support/begun';
import { seeded } from '../support/colours';
import { heldBy } from '../support/memory';
import { deflatedZeros, pngChunk, pngOf } from '../support/png-chunks';
import { started, stopped, type OwnServer } from '../support/server';
import { CAMPAIGN, noteFault } from './report';

let server: OwnServer;
let folder: string;
beforeAll(async () => {
	folder = await begunFolder();
	server = await started(folder);
});
afterAll(() => stopped(server, 'SIGTERM'));

const send = (body: Buffer): Promise<Response> =>
	fetch(`${server.url}/api/images`, {
		method: 'POST',
		headers: { 'content-type': 'application/octet-stream' },
		body: new Uint8Array(body)
	});

/** A small picture with edges in it, in each form that is read. */
async function wholeOnes(): Promise<Buffer[]> {
	const pixels = Buffer.from(Array.from({ length: 90 * 60 * 3 }, (_, i) => (i * 7 + ((i / 270) | 0) * 13) % 256));
	const picture = sharp(pixels, { raw: { width: 90, height: 60, channels: 3 } });
	const formats = ['png', 'jpeg', 'webp', 'avif', 'gif', 'tiff'] as const;
	return Promise.all(formats.map((format) => picture.clone().withIccProfile('p3').toFormat(format).toBuffer()));
}

/** A file that was damaged on its way: cut, some bytes others, a piece from elsewhere, or numbers of its head others. */
function damaged(whole: Buffer, other: Buffer, next: () => number): Buffer {
	const at = (length: number): number => Math.floor(next() * length);
	const copy = Buffer.from(whole);
	const way = at(5);
	if (way === 0) return copy.subarray(0, at(copy.length));
	if (way === 1) return Buffer.concat([copy.subarray(0, at(copy.length)), other.subarray(at(other.length))]);
	if (way === 2) other.copy(copy, at(copy.length), at(other.length));
	// Most of what decides how much memory is asked for stands in the first bytes.
	const reach = way === 3 ? Math.min(120, copy.length) : copy.length;
	for (let i = 0; i <= at(way === 3 ? 6 : 40); i++) copy[at(reach)] = at(256);
	return copy;
}

it('damaged pictures are taken or refused in words, and the server goes on', async () => {
	const next = seeded(Number(process.env.RICERCAR_SEED ?? 1));
	const whole = await wholeOnes();
	const times = 200 * CAMPAIGN;
	const answers = new Map<number, number>();
	for (let done = 0; done < times; done += 4) {
		const batch = Array.from({ length: 4 }, () => {
			const [one, other] = [0, 1].map(() => whole[Math.floor(next() * whole.length)]!) as [Buffer, Buffer];
			return send(damaged(one, other, next));
		});
		for (const response of await Promise.all(batch)) {
			const { status } = response;
			answers.set(status, (answers.get(status) ?? 0) + 1);
			const said = (await response.json()) as { id?: string; title?: string };
			expect(status === 201 ? said.id : said.title).toMatch(/./);
		}
	}
	expect(
		[...answers.keys()].every((status) => [201, 413, 415, 422].includes(status)),
		JSON.stringify([...answers])
	).toBe(true);
	expect((await send(whole[0]!)).status).toBe(201);
	expect((await fetch(`${server.url}/api/images/shippedcloth`)).status).toBe(200);
	// What was begun is whole, or gone.
	const kept = await readdir(join(folder, 'own-pictures'));
	expect(kept.filter((name) => name.endsWith('.begun'))).toEqual([]);
	expect(server.complaints()).not.toContain('failure');
	noteFault('damaged pictures sent', times, 'nothing: taken or refused in words');
});

it('a bomb is refused, and whoever asks meanwhile is answered', async () => {
	const bomb = deflatedZeros(30_000, 30_000);
	const [refused, other] = await Promise.all([send(bomb), fetch(`${server.url}/api/studies`)]);
	expect([refused.status, other.status]).toEqual([413, 200]);
	expect(await refused.text()).toContain('900 million');
	noteFault('bombs of 30 000 × 30 000 pixels', 1, 'nothing: refused by what they say');
});

it('a profile or a text in a picture that unpacks to very much holds nobody up and takes no memory', async () => {
	const picture = sharp({ create: { width: 30, height: 20, channels: 3, background: '#b3392b' } });
	const plain = await pngOf(picture);
	const much = deflateSync(Buffer.alloc(500_000_000), { level: 9 });
	const HEAD = 33;
	const bombs = ['iCCP', 'zTXt'].map((name) =>
		Buffer.concat([
			plain.subarray(0, HEAD),
			pngChunk(name, Buffer.concat([Buffer.from('own\0\0', 'latin1'), much])),
			plain.subarray(HEAD)
		])
	);
	const before = heldBy(server.child.pid!);
	let most = 0;
	const watch = setInterval(() => (most = Math.max(most, heldBy(server.child.pid!))), 20);
	const answers = await Promise.all([...bombs.map(send), fetch(`${server.url}/api/studies`)]);
	clearInterval(watch);
	expect(answers.map(({ status }) => [200, 201, 413, 415, 422].includes(status))).toEqual([true, true, true]);
	expect(most - before).toBeLessThan(400);
	noteFault('pictures whose profile or text unpacks to 500 MB', bombs.length, 'nothing');
});

it('no other route takes what this one takes, with its length said beforehand or not', async () => {
	const large = Buffer.alloc(3_000_000, 'a');
	const chunks = (): ReadableStream =>
		new ReadableStream({
			start: (controller) => {
				for (let at = 0; at < large.length; at += 100_000) controller.enqueue(large.subarray(at, at + 100_000));
				controller.close();
			}
		});
	const headers = { 'content-type': 'application/json' };
	const url = `${server.url}/api/studies`;
	const said = await fetch(url, { method: 'POST', headers, body: large });
	const streamed = await fetch(url, { method: 'POST', headers, body: chunks(), duplex: 'half' } as RequestInit);
	expect([said.status, streamed.status]).toEqual([413, 413]);
	expect(await streamed.text()).toContain('A study may take 2 megabytes.');
	const huge = await send(Buffer.alloc(41_000_000));
	expect([huge.status, await huge.text()]).toEqual([413, expect.stringContaining('A picture may take 40 megabytes.')]);
});
