import { newPlate } from '../src/lib/plates/new-plate';
import { BRIEF_FORMAT } from '../src/lib/study/brief/brief-file';
import { emptyTerms } from '../src/lib/study/brief/terms';
import { readHandIn } from '../src/lib/study/handed/hand-in-file';
import { newStudy } from '../src/lib/study/new-study';
import { writeOurs } from '../src/lib/study/our-file';
import { begunFolder } from '../tests/support/begun';
import { started, stopped } from '../tests/support/server';
import { asBrief, downloaded, json } from './class';
import { ready } from './pages';
import { bring, described, fields, FIELDS, heldCode, marks } from './pictures';
import { expect, test } from './test';

/** Codes that are painted on a canvas, by how many of its pixels they have. */
const painted = (canvas: HTMLCanvasElement): [code: string, count: number][] => {
	const copy = document.createElement('canvas');
	[copy.width, copy.height] = [canvas.width, canvas.height];
	const context = copy.getContext('2d')!;
	context.drawImage(canvas, 0, 0);
	const { data } = context.getImageData(0, 0, copy.width, copy.height);
	const counts: Record<string, number> = {};
	for (let i = 0; i < data.length; i += 4) {
		const code = `#${[0, 1, 2].map((channel) => data[i + channel]!.toString(16).padStart(2, '0')).join('')}`;
		counts[code] = (counts[code] ?? 0) + 1;
	}
	return Object.entries(counts);
};

test('a student’s own picture goes with the hand-in: it hangs, and is begun from, where nobody has it', async ({
	page
}) => {
	const study = newStudy('Four fields', '2026-11-02');
	const plate = { ...newPlate('picture', study), title: 'A picture in few colours' };
	const set = { ...study, plates: [plate], brief: emptyTerms('briefoffield') };
	await page.goto('/');
	await ready(page);
	await page
		.getByLabel('Read in a study or a brief')
		.setInputFiles(json('fields.brief.json', writeOurs(BRIEF_FORMAT, asBrief(set))));
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await expect(marks(page).first()).toBeVisible();
	await bring(page, 'fields.png', 'image/png', await fields().png().toBuffer());
	await expect(marks(page)).toHaveCount(4);
	await expect(described(page)).toContainText('25 %');
	await page.getByRole('tab', { name: 'Brief' }).click();
	await page.getByRole('button', { name: 'Hand in …' }).click();
	await page.getByLabel('Your name').fill('Kit Aldous');
	const file = await downloaded(page, () => page.getByRole('button', { name: 'Hand in, as a file' }).click());
	const { content } = readHandIn(file.content);
	expect(Object.values(content.pictures)).toHaveLength(1);
	expect(content.drawings[0]!.shapes.filter(({ kind }) => kind === 'image')).toEqual([]);

	// Another computer, where the picture was never seen.
	const elsewhere = await started(await begunFolder());
	const made = await page.request.post(`${elsewhere.url}/api/studies`, { data: { document: set } });
	const { id } = (await made.json()) as { id: string };
	await page.goto(`${elsewhere.url}/studies/${id}/pin-up`);
	await ready(page);
	await page.getByLabel('Collect hand-ins').setInputFiles(json(file.name, file.content));
	const sheet = page.locator('.wall canvas');
	for (const code of FIELDS)
		await expect
			.poll(async () => Object.fromEntries(await sheet.evaluate(painted))[code] ?? 0, {
				message: code,
				timeout: 30_000
			})
			.toBeGreaterThan(200);
	await page.goto(`${elsewhere.url}/hand-ins/${content.id}`);
	await ready(page);
	await expect(page.getByRole('figure')).toBeVisible();
	await page.getByRole('button', { name: 'Begin from it' }).click();
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await expect(marks(page)).toHaveCount(4);
	await expect(async () => {
		await page.getByRole('button', { name: /^fields: click a pixel/ }).click({ position: { x: 20, y: 20 } });
		await expect(heldCode(page)).toHaveText(FIELDS[0], { timeout: 1000 });
	}).toPass();
	await stopped(elsewhere, 'SIGTERM');
});
