import { newId } from '../src/lib/model/ids';
import { newStudy } from '../src/lib/model/new-study';
import { HELPING } from '../src/lib/model/requests';
import { type StudyDocument } from '../src/lib/model/study';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, measuring, spent, timeDial } from './browser';

const RECIPES = ['tints', 'shades', 'tones-level', 'interval'] as const;
const METHODS = ['oklab', 'light', 'screen'] as const;

/** A study whose plates have every recipe by every method, 12 scales of 9 steps each, all of one linked parent. */
function studyOf(plates: number): StudyDocument {
	const study = newStudy('Dial', '');
	const plate = study.plates[0]!;
	if (plate.kind !== 'scales') throw new Error('A new study begins with scales.');
	const model = plate.scales[0]!;
	const scales = () =>
		RECIPES.flatMap((recipe) => METHODS.map((method) => ({ ...model, id: newId(), recipe, method, between: 7 })));
	return { ...study, plates: Array.from({ length: plates }, () => ({ ...plate, id: newId(), scales: scales() })) };
}

/** What it costs to open a study of 12 plates with 12 scales each, and what one turn of a dial costs in it. */
for (const plates of [1, 12])
	await inBrowser(async (page) => {
		await countLongTasks(page);
		const id = await keep(studyOf(plates));
		const session = await measuring(page);
		const before = await spent(session);
		await page.goto(`${ADDRESS}/studies/${id}`);
		await page.waitForSelector('.readings .chart svg');
		await page.waitForLoadState('networkidle');
		const after = await spent(session);
		const longest = Math.max(0, ...(await longTasks(page)));
		console.log(`\n| opening a study, ${plates} × 12 scales | | goal |`);
		console.log('| --- | ---: | ---: |');
		console.log(`| script, ms | ${(after.script - before.script).toFixed(0)} | 1000 |`);
		console.log(`| longest task, ms | ${longest.toFixed(0)} | |`);
		await page.locator('[data-place="0 0"]').click();
		await timeDial(page, `${plates} × 12 scales of 9 steps`, 8);
	});

const STUDIES = 200;

/** What the pictures of 200 studies cost the page that lists them. */
await inBrowser(async (page) => {
	await countLongTasks(page);
	for (let i = 0; i < STUDIES; i++)
		await keep({ ...studyOf(1), titleBlock: { ...newStudy(`Study ${i}`, '').titleBlock } });
	const session = await measuring(page);
	const before = await spent(session);
	const start = performance.now();
	await page.goto(ADDRESS);
	for (let shown = HELPING; shown < STUDIES; shown += HELPING) {
		await page.getByRole('button', { name: 'Show more' }).click();
		await page.waitForFunction((least) => document.images.length > least, shown);
	}
	for (let unseen = true; unseen;) {
		await page.mouse.wheel(0, 600);
		await page.waitForTimeout(60);
		unseen = await page.evaluate(() => [...document.images].some((image) => image.naturalWidth === 0));
	}
	await page.waitForLoadState('networkidle');
	const after = await spent(session);
	const long = await longTasks(page);
	const seen = await page.evaluate(() => [...document.images].filter((image) => image.naturalWidth > 0).length);
	console.log(`\n| the list with the pictures of ${STUDIES} studies | | goal |`);
	console.log('| --- | ---: | ---: |');
	console.log(`| pictures loaded | ${seen} | ${STUDIES} |`);
	console.log(`| script of the page, ms | ${(after.script - before.script).toFixed(0)} | |`);
	console.log(`| long tasks, their longest in ms | ${long.length}, ${Math.max(0, ...long).toFixed(0)} | 0 |`);
	console.log(`| all of it with scrolling through, s | ${((performance.now() - start) / 1000).toFixed(1)} | |`);
});
