import { expect, it } from 'vitest';
import { newStudy } from '../../src/lib/study/new-study';
import { seeded } from '../../src/lib/core/seeded';
import { begunFolder } from '../support/begun';
import { launch, newFolder, started, stopped } from '../support/server';
import { keep, readBack, save } from '../support/studies';
import { CAMPAIGN, noteFault } from './report';

const next = seeded(Number(process.env.RICERCAR_SEED ?? 3));
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

interface Answered {
	readonly title: string;
	readonly revision: number;
	readonly saves: number;
}

/** Saves one study again and again until the server is gone; gives the last save that was answered, and says when the first was. */
async function saveUntilDead(url: string, id: string, from: number, onfirst: () => void): Promise<Answered> {
	let last: Answered = { title: 'Kept', revision: from, saves: 0 };
	for (let i = 1; ; i++) {
		const title = `save ${i} of ${id}`;
		try {
			const response = await save(url, id, last.revision, `save${String(i).padStart(8, '0')}`, newStudy(title, ''));
			if (!response.ok) throw new Error(`refused: ${response.status}`);
			last = { title, revision: ((await response.json()) as { revision: number }).revision, saves: i };
			if (i === 1) onfirst();
		} catch (error) {
			if (error instanceof Error && error.message.startsWith('refused')) throw error;
			return last;
		}
	}
}

it('after SIGKILL in the middle of saves, every save that was answered is there', async () => {
	const folder = await begunFolder();
	let server = await started(folder);
	let saves = 0;
	for (let round = 0; round < 3 * CAMPAIGN; round++) {
		const studies = await Promise.all([1, 2, 3].map(() => keep(server.url)));
		const saving: Promise<Answered>[] = [];
		const begun = studies.map(
			({ id, revision }) =>
				new Promise<void>((onfirst) => saving.push(saveUntilDead(server.url, id, revision, onfirst)))
		);
		// However slow the machine is, something must have been saved that can be looked for.
		await Promise.race([Promise.all(begun), Promise.all(saving)]);
		await pause(600 * next());
		await stopped(server, 'SIGKILL');
		const answered = await Promise.all(saving);
		server = await started(folder);
		for (const [i, { title, revision }] of answered.entries()) {
			expect(revision, 'saves were answered before the kill').toBeGreaterThan(1);
			const study = await readBack(server.url, studies[i]!.id);
			// One more may have been kept whose answer did not get out; never one fewer.
			expect([revision, revision + 1]).toContain(study.revision);
			if (study.revision === revision) expect(study.document.titleBlock.title).toBe(title);
		}
		saves += answered.reduce((sum, each) => sum + each.saves, 0);
	}
	expect(await stopped(server, 'SIGTERM')).toBe(0);
	noteFault('SIGKILL in the middle of saves', 3 * CAMPAIGN, `0 of ${saves} answered saves`);
});

it('after SIGKILL during a start, the next start finds everything', async () => {
	const folder = await newFolder();
	// The very first starts, in which the database is made, are killed too.
	for (let i = 0; i < 2 * CAMPAIGN; i++) {
		const server = await launch(folder);
		await pause(300 + 4000 * next());
		await stopped(server, 'SIGKILL');
	}
	const first = await started(folder);
	const { id } = await keep(first.url, newStudy('Survives', ''));
	await stopped(first, 'SIGKILL');
	for (let i = 0; i < 4 * CAMPAIGN; i++) {
		const server = await launch(folder);
		await pause(1200 * next());
		await stopped(server, 'SIGKILL');
	}
	const last = await started(folder);
	expect((await readBack(last.url, id)).document.titleBlock.title).toBe('Survives');
	expect(await stopped(last, 'SIGTERM')).toBe(0);
	noteFault('SIGKILL during starts', 6 * CAMPAIGN, 'nothing');
});
