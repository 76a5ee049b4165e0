import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';
import { beforeAll, describe, expect, it } from 'vitest';
import { type HandIn } from '../../src/lib/study/handed/hand-in';
import { writeHandIn } from '../../src/lib/study/handed/hand-in-file';
import { begunFolder } from '../support/begun';
import { largeHandIn, smallHandIn } from '../support/large-hand-in';
import { heldBy } from '../support/memory';
import { pngFile } from '../support/png-chunks';
import { started, stopped, type OwnServer } from '../support/server';
import { asJson, sendHandIn } from '../support/studies';
import { watched } from '../support/watched';
import { CAMPAIGN, noteFault } from './report';

const IDLE_AFTER = 3000;
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

const printOf = (ids: readonly string[], plate: string | null) => ({
	ids,
	title: 'All of them',
	notes: true,
	plate,
	page: { paper: 'a4', across: true }
});

/** Takes a body in without keeping it: gives how long it is and how it begins. */
async function lengthOf(response: Response): Promise<{ bytes: number; head: string }> {
	let [bytes, head] = [0, ''];
	for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
		if (bytes === 0) head = Buffer.from(part.subarray(0, 300)).toString('latin1');
		bytes += part.length;
	}
	return { bytes, head };
}

/** Megabytes over what an idle server holds that anything may take. */
const MOST_OVER = 400;

describe('hand-ins that are as large as they may be', () => {
	let large: HandIn;
	beforeAll(() => {
		large = largeHandIn('handinlarge0', 'Maker 0', { drawn: 14, carried: 5.8 });
	});

	it('are printed one at a time, in bounded memory, and others go on', async () => {
		const server = await started(await begunFolder());
		await pause(IDLE_AFTER);
		const idle = heldBy(server.child.pid!);
		const ids: string[] = [];
		for (let i = 0; i < (CAMPAIGN > 1 ? 4 * CAMPAIGN : 3); i++) {
			const id = `handinlarge${i}`;
			const response = await sendHandIn(server.url, writeHandIn({ ...large, id, maker: `Maker ${i}` }));
			expect(response.status, await response.text()).toBe(201);
			ids.push(id);
		}
		const kept = await lengthOf(await fetch(`${server.url}/api/hand-ins/${ids[0]!}`));
		expect(kept.bytes).toBe(Buffer.byteLength(writeHandIn({ ...large, id: ids[0]!, maker: 'Maker 0' })));
		for (const plate of [null, large.study.plates[0]!.id]) {
			const { done, most, waits } = await watched(server, async () => {
				const response = await fetch(`${server.url}/api/hand-ins/print`, asJson('POST', printOf(ids, plate)));
				return { status: response.status, ...(await lengthOf(response)) };
			});
			expect([done.status, done.head.slice(0, 5)]).toEqual([200, '%PDF-']);
			expect(most - idle, `${Math.round(idle)} MB idle, ${Math.round(most)} at most`).toBeLessThan(MOST_OVER);
			const longest = Math.round(Math.max(...waits));
			noteFault(
				`${ids.length} hand-ins of 20 MB printed as a ${plate ? 'wall' : 'portfolio'}: ${Math.round(idle)} MB idle, ${Math.round(most)} at most, others waited ${longest} ms at most`,
				1,
				'nothing'
			);
		}
		await stopped(server, 'SIGTERM');
	});
});

describe('hand-ins that were made to do harm', () => {
	let server: OwnServer;
	beforeAll(async () => {
		server = await started(await begunFolder());
		return async () => void (await stopped(server, 'SIGTERM'));
	});

	const bomb = (): string => {
		const file = pngFile({ width: 1, height: 1 }, deflateSync(Buffer.alloc(1_000_000_000), { level: 9 }));
		return `data:image/png;base64,${file.toString('base64')}`;
	};

	it('a small file that unpacks to a gigabyte is printed without it, and holds nobody up', async () => {
		const handIn = smallHandIn('handinofbomb', 'Kit Aldous');
		const [first, ...others] = handIn.drawings;
		const raster = { kind: 'raster' as const, x: 0, y: 0, width: 9, height: 9, png: bomb() };
		const text = writeHandIn({ ...handIn, drawings: [{ ...first!, shapes: [...first!.shapes, raster] }, ...others] });
		expect(text.length).toBeLessThan(2_000_000);
		expect((await sendHandIn(server.url, text)).status).toBe(201);
		await pause(IDLE_AFTER);
		const idle = heldBy(server.child.pid!);
		const from = performance.now();
		const { done, most } = await watched(server, async () => {
			const response = await fetch(`${server.url}/api/hand-ins/print`, asJson('POST', printOf(['handinofbomb'], null)));
			return { status: response.status, ...(await lengthOf(response)) };
		});
		expect(done.status).toBe(200);
		expect(most - idle).toBeLessThan(MOST_OVER);
		expect(performance.now() - from).toBeLessThan(30_000);
		noteFault('a hand-in of 1.3 MB that unpacks to 1 GB, printed', 1, 'nothing: it is printed without what is false');
	});

	it('18 MB of brackets, of commas, of names and of nothing are refused in words, and others go on', async () => {
		const N = 18_000_000;
		const texts = [
			'['.repeat(N),
			'{"format":"ricercar hand-in","version":2,"handIn":'.concat('['.repeat(N / 2), ']'.repeat(N / 2), '}'),
			`[${'0,'.repeat(N / 2)}0]`,
			`{${Array.from({ length: N / 14 }, (_, i) => `"k${i}":0`).join(',')}}`,
			`"${'a'.repeat(N)}"`,
			' '.repeat(N),
			'{"format":"ricercar hand-in","version":2,"handIn":{"drawings":['.concat('{},'.repeat(900_000), '{}]}}')
		];
		const { waits } = await watched(server, async () => {
			for (const text of texts) {
				const response = await sendHandIn(server.url, text);
				expect([400, 422, 503], text.slice(0, 60)).toContain(response.status);
				expect(((await response.json()) as { title: string }).title).toMatch(/./);
			}
		});
		noteFault(
			`hand-ins of 18 MB that are none; others waited ${Math.round(Math.max(...waits))} ms at most`,
			texts.length,
			'nothing: they are refused in words'
		);
	});

	it('titles that are code stay words in a print', async () => {
		const evil = ') Tj ET /JS (app.alert(1)) >> endobj <<\\)(\r\n%%EOF';
		const handIn = smallHandIn('handinofcode', evil.replace(/[\r\n]/g, ' '));
		const study = {
			...handIn.study,
			titleBlock: { ...handIn.study.titleBlock, title: '/OpenAction<</S/JavaScript/JS(x)>>' }
		};
		expect((await sendHandIn(server.url, writeHandIn({ ...handIn, study }))).status).toBe(201);
		const print = { ...printOf(['handinofcode'], null), title: '/AA <</O <</S /Launch>>>>' };
		const pdf = await (await fetch(`${server.url}/api/hand-ins/print`, asJson('POST', print))).arrayBuffer();
		// Strings in a PDF are in brackets or hexadecimal (ISO 32000-1, 7.3.4): outside of these no such name stands.
		const outside = Buffer.from(pdf)
			.toString('latin1')
			.replace(/stream\r?\n[^]*?endstream/g, '')
			.replace(/\((?:\\[^]|[^\\()])*\)/g, '')
			.replace(/<[0-9a-fA-F\s]*>/g, '');
		expect(outside).toContain('/Author');
		expect(outside).not.toMatch(/JavaScript|OpenAction|Launch|\/AA|\/JS/);
		noteFault('titles and names that are code, printed', 3, 'nothing: they are words');
	});

	it('the same number with other contents is refused and said; a return goes to no other hand-in', async () => {
		const one = smallHandIn('handintwice0', 'Ines Marlow');
		expect((await sendHandIn(server.url, writeHandIn(one))).status).toBe(201);
		expect((await sendHandIn(server.url, writeHandIn(one))).status).toBe(200);
		const other = await sendHandIn(server.url, writeHandIn({ ...one, maker: 'Emil Strand' }));
		expect(other.status).toBe(409);
		expect(await other.json()).toMatchObject({ code: 'another-hand-in' });
		const returned = {
			handIn: 'handintwice0',
			brief: { id: 'briefoftests', title: 'Four intervals' },
			maker: 'Ines Marlow',
			by: 'Odile Tarn',
			at: '2026-11-20T10:00:00.000Z',
			notes: [],
			mark: 'good'
		};
		const put = (id: string, body: unknown): Promise<Response> =>
			fetch(`${server.url}/api/hand-ins/${id}/returned`, asJson('PUT', body));
		expect((await put('handinofbomb', returned)).status).toBe(422);
		expect((await put('handintwice0', { ...returned, brief: { ...returned.brief, id: 'anotherbrief' } })).status).toBe(
			404
		);
		expect((await put('handintwice0', returned)).status).toBe(204);
		const { lines } = (await (await fetch(`${server.url}/api/hand-ins?maker=Ines%20Marlow`)).json()) as {
			lines: { maker: string; returned: { mark: string } }[];
		};
		expect(lines.map(({ maker, returned: { mark } }) => [maker, mark])).toEqual([['Ines Marlow', 'good']]);
		noteFault('hand-ins and returns under the number of another one', 3, 'nothing: they are refused');
	});

	it('a server that is ended while it prints leaves no process behind', async () => {
		const own = await started(await begunFolder());
		expect((await sendHandIn(own.url, writeHandIn(smallHandIn('handinofkill', 'Emil Strand')))).status).toBe(201);
		void fetch(`${own.url}/api/hand-ins/print`, asJson('POST', printOf(['handinofkill'], null))).catch(() => undefined);
		const children = (): string[] =>
			readFileSync(`/proc/${own.child.pid!}/task/${own.child.pid!}/children`, 'utf8').split(' ').filter(Boolean);
		await expect.poll(() => children().length, { timeout: 10_000 }).toBeGreaterThan(0);
		const pids = children();
		await stopped(own, 'SIGKILL');
		const runs = (pid: string): boolean => {
			try {
				return !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z ');
			} catch {
				return false;
			}
		};
		await expect.poll(() => pids.filter(runs), { timeout: 10_000 }).toEqual([]);
	});
});
