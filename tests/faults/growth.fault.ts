import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { newId } from '../../src/lib/model/ids';
import { MOST_GROUPS } from '../../src/lib/study/handed/groups';
import { writeHandIn } from '../../src/lib/study/handed/hand-in-file';
import { MOST_NOTE, type GivenBack } from '../../src/lib/study/handed/returned';
import { newStudy } from '../../src/lib/study/new-study';
import { begunFolder } from '../support/begun';
import { largeHandIn } from '../support/large-hand-in';
import { started, stopped } from '../support/server';
import { asJson, sendHandIn, keep, save } from '../support/studies';
import { CAMPAIGN, noteFault } from './report';

/** A study of about 160 kB whose codes differ from save to save, as a study of many scales has it. */
const large = (i: number) => {
	const study = newStudy(`Save ${i}`, '');
	const code = (k: number): string => `#${((k * 7919 + i * 104_729) % 0xffffff).toString(16).padStart(6, '0')}`;
	const plate = study.plates[0]!;
	if (plate.kind !== 'scales') throw new Error('The first plate is one of scales.');
	const scale = plate.scales[0]!;
	return {
		...study,
		plates: Array.from({ length: 21 }, (_, p) => ({
			...plate,
			id: `plate${String(p).padStart(6, '0')}`,
			scales: Array.from({ length: 24 }, (__, s) => ({
				...scale,
				id: `scale${String(p * 24 + s).padStart(6, '0')}`,
				recipe: 'path' as const,
				parents: Array.from({ length: 12 }, (___, k) => ({ text: code(p * 500 + s * 20 + k) }))
			}))
		}))
	};
};

/** Megabytes of people's own database. */
const sizeOf = (folder: string): number =>
	Number(
		execFileSync('du', ['-sk', join(folder, 'own')])
			.toString()
			.split('\t')[0]
	) / 1000;

it('saving one study again and again leaves the folder as large as it has to be', async () => {
	const folder = await begunFolder();
	const server = await started(folder);
	const before = sizeOf(folder);
	const { id } = await keep(server.url, large(0));
	let revision = 1;
	const saves = 150 * CAMPAIGN;
	for (let i = 1; i <= saves; i++) {
		const response = await save(server.url, id, revision, `save${String(i).padStart(8, '0')}`, large(i));
		expect(response.status, `save ${i}`).toBe(200);
		revision++;
	}
	const after = sizeOf(folder);
	expect(JSON.stringify(large(1)).length).toBeGreaterThan(150_000);
	expect(after).toBeLessThan(100);
	await stopped(server, 'SIGTERM');
	noteFault(
		`saves of one study of 160 kB; the folder went from ${before.toFixed(0)} to ${after.toFixed(0)} MB`,
		saves,
		'nothing'
	);
});

/** Notes of about 160 kB that differ from save to save. */
const notesOf = (i: number): GivenBack => ({
	notes: Array.from({ length: 80 }, (_, k) => ({
		id: newId(),
		plate: null,
		at: null,
		text: `${i} ${k} `.padEnd(MOST_NOTE, 'x')
	})),
	mark: `${i}`
});

it('notes on a hand-in and the groups of its wall, kept again and again, leave the folder as large as it has to be', async () => {
	const folder = await begunFolder();
	const server = await started(folder);
	const before = sizeOf(folder);
	const large = largeHandIn('handinofgrowth', 'Ines Marlow', { drawn: 5, carried: 0 });
	expect((await sendHandIn(server.url, writeHandIn(large))).status).toBe(201);
	const saves = 60 * CAMPAIGN;
	let revision = 1;
	let wall = 0;
	for (let i = 1; i <= saves; i++) {
		const given = { revision, given: notesOf(i), seen: true };
		const kept = await fetch(`${server.url}/api/hand-ins/${large.id}/given`, asJson('PUT', given));
		expect(kept.status, `notes ${i}`).toBe(200);
		({ revision } = (await kept.json()) as { revision: number });
		const groups = Array.from({ length: MOST_GROUPS }, (_, k) => ({
			id: newId(),
			name: `Group ${i} ${k}`,
			makers: Array.from({ length: 100 }, (__, m) => `maker ${i} ${k} ${m}`)
		}));
		const hung = await fetch(`${server.url}/api/walls/briefoftests`, asJson('PUT', { revision: wall, groups }));
		expect(hung.status, `wall ${i}: ${hung.ok ? '' : await hung.clone().text()}`).toBe(200);
		({ revision: wall } = (await hung.json()) as { revision: number });
	}
	expect(JSON.stringify(notesOf(1)).length).toBeGreaterThan(150_000);
	const after = sizeOf(folder);
	expect(after).toBeLessThan(100);
	await stopped(server, 'SIGTERM');
	noteFault(
		`saves of 160 kB of notes, and as many of a wall; the folder went from ${before.toFixed(0)} to ${after.toFixed(0)} MB`,
		saves,
		'nothing'
	);
});
