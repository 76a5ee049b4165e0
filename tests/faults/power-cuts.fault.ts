import { cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { type Database } from '../../src/lib/server/database/database';
import { openEmbedded } from '../../src/lib/server/database/embedded';
import { createStudy, saveStudy } from '../../src/lib/server/studies/repository';
import { newStudy } from '../../src/lib/study/new-study';
import { begunFolder } from '../support/begun';
import { seeded } from '../../src/lib/core/seeded';
import { RecordedDisk } from '../support/recorded-disk';
import { CAMPAIGN, noteFault } from './report';

const next = seeded(Number(process.env.RICERCAR_SEED ?? 5));

/** Each of another length, some so large that the log is cut and pages are written between two cuts. */
const named = (title: string, large: boolean) => {
	const study = newStudy(title, '');
	const words = (): string => Math.floor(next() * 1e9).toString(36);
	return { ...study, reflection: large ? Array.from({ length: 1800 }, words).join(' ') : words() };
};

/** What was answered: titles by the ids of studies. */
type Answered = ReadonlyMap<string, string>;

/** One answered save after the other, of some studies in turn, until told to stop. */
async function saveOn(database: Database, goesOn: () => boolean, answered: Map<string, string>): Promise<number> {
	const revisions = new Map<string, number>();
	let saves = 0;
	for (; goesOn(); saves++) {
		const title = `save ${saves}`;
		const large = next() < 0.7;
		if (revisions.size < 6) {
			const { id } = await createStudy(database, named(title, large));
			revisions.set(id, 1);
			answered.set(id, title);
			continue;
		}
		const [id, revision] = [...revisions][Math.floor(next() * revisions.size)]!;
		const outcome = await saveStudy(database, id, {
			revision,
			saveId: `save${String(saves).padStart(8, '0')}`,
			document: named(title, large)
		});
		expect(outcome.kind).toBe('saved');
		revisions.set(id, revision + 1);
		answered.set(id, title);
	}
	return saves;
}

/** How many of the answered saves a database does not have; the one that was under way at the cut may be there already. */
async function lostIn(folder: string, answered: Answered): Promise<number> {
	const database = await openEmbedded(folder);
	const rows = await database.query('select id, title, document from study');
	await database.close();
	const titles = new Map(rows.map(({ id, title }) => [String(id), String(title)]));
	const number = (title: string | undefined): number => Number(title?.split(' ')[1] ?? -1);
	return [...answered].filter(([id, title]) => number(titles.get(id)) < number(title)).length;
}

/** Changes to the disk between two cuts, at most. */
const APART = 400;
/** Images at a time, before they are looked at. */
const AT_ONCE = 5;

it('after a power cut at any moment, every save that was answered is there', async () => {
	const cuts = AT_ONCE * CAMPAIGN;
	let [done, saves, lost, syncs] = [0, 0, 0, 0];
	while (done < cuts) {
		const base = await mkdtemp(join(tmpdir(), 'ricercar-cut-'));
		const folder = join(base, 'whole');
		await cp(join(await begunFolder(), 'own'), folder, { recursive: true });
		const disk = new RecordedDisk(folder);
		const database = await openEmbedded(folder);
		const answered = new Map<string, string>();
		const images: { folder: string; answered: Answered }[] = [];
		let until = Math.floor(APART * next());
		disk.onchange = () => {
			if (--until > 0 || images.length >= AT_ONCE) return;
			until = 1 + Math.floor(APART * next());
			const image = join(base, `image ${images.length}`);
			// Half of the cuts leave nothing that was not synced, half some of it.
			disk.cut(image, done % 2 === 0 ? undefined : () => next() < 0.5);
			images.push({ folder: image, answered: new Map(answered) });
			done++;
		};
		saves += await saveOn(database, () => images.length < AT_ONCE, answered);
		syncs += disk.syncs;
		disk.end();
		await database.close();
		for (const image of images) lost += await lostIn(image.folder, image.answered);
		await rm(base, { recursive: true });
	}
	expect(lost).toBe(0);
	// One for each at the least, beside those of checkpoints.
	expect(syncs).toBeGreaterThanOrEqual(saves);
	noteFault('power cuts in the middle of saves', done, `${lost} of ${saves} answered saves (${syncs} syncs)`);
});
