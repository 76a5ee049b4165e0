import { newId } from '../src/lib/model/ids';
import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
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
