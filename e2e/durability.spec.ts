import { newStudy } from '../src/lib/model/new-study';
import { launch, newFolder, started, stopped, type OwnServer } from './server';
import { expect, test } from './test';

test.describe.configure({ timeout: 120_000 });

const asJson = (method: string, content: unknown): RequestInit => ({
	method,
	headers: { 'content-type': 'application/json' },
	body: JSON.stringify(content)
});

async function make(server: OwnServer, title: string): Promise<{ id: string; revision: number }> {
	const response = await fetch(`${server.url}/api/studies`, asJson('POST', { document: newStudy(title, '') }));
	expect(response.status).toBe(201);
	return (await response.json()) as { id: string; revision: number };
}

/** Saves one study again and again until the server is gone; gives the last title that was answered. */
async function saveUntilDead(
	server: OwnServer,
	id: string,
	from: number
): Promise<{ title: string; revision: number }> {
	let last = { title: '', revision: from };
	for (let i = 1; ; i++) {
		const title = `save ${i} of ${id}`;
		const save = {
			revision: last.revision,
			saveId: `save${String(i).padStart(8, '0')}`,
			document: newStudy(title, '')
		};
		try {
			const response = await fetch(`${server.url}/api/studies/${id}`, asJson('PUT', save));
			if (!response.ok) throw new Error(`refused: ${response.status}`);
			last = { title, revision: ((await response.json()) as { revision: number }).revision };
		} catch (error) {
			if (error instanceof Error && error.message.startsWith('refused')) throw error;
			return last;
		}
	}
}

test('after SIGKILL in the middle of saves every save that was answered is there', async () => {
	const folder = await newFolder();
	let server = await started(folder);
	for (let round = 0; round < 3; round++) {
		const studies = await Promise.all(['one', 'two', 'three'].map((title) => make(server, title)));
		const saving = studies.map(({ id, revision }) => saveUntilDead(server, id, revision));
		await new Promise((done) => setTimeout(done, 700 + 150 * round));
		await stopped(server, 'SIGKILL');
		const answered = await Promise.all(saving);
		server = await started(folder);
		for (const [i, { title, revision }] of answered.entries()) {
			expect(revision, 'saves were answered before the kill').toBeGreaterThan(3);
			const response = await fetch(`${server.url}/api/studies/${studies[i]!.id}`);
			const study = (await response.json()) as { revision: number; document: { titleBlock: { title: string } } };
			// One more may have been kept whose answer did not get out; never one fewer.
			expect(study.revision).toBeGreaterThanOrEqual(revision);
			expect(study.revision).toBeLessThanOrEqual(revision + 1);
			if (study.revision === revision) expect(study.document.titleBlock.title).toBe(title);
		}
	}
	expect(await stopped(server, 'SIGTERM')).toBe(0);
});

test('a second server on the same folder is refused in one clear line, and the first goes on', async () => {
	const folder = await newFolder();
	const first = await started(folder);
	await make(first, 'kept');
	const second = await launch(folder);
	expect(await second.ended).toBe(1);
	expect(second.complaints()).toContain('Another Ricercar server already uses');
	expect(second.complaints()).not.toMatch(/\n\s+at /);
	const list = (await (await fetch(`${first.url}/api/studies`)).json()) as { lines: unknown[] };
	expect(list.lines).toHaveLength(1);
	expect(await stopped(first, 'SIGTERM')).toBe(0);

	// Closed cleanly, the folder is free at once, and nothing is lost.
	const third = await started(folder);
	const again = (await (await fetch(`${third.url}/api/studies`)).json()) as { lines: { title: string }[] };
	expect(again.lines.map(({ title }) => title)).toEqual(['kept']);
	expect(await stopped(third, 'SIGINT')).toBe(0);
});
