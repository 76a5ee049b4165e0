import { newId } from '../src/lib/model/ids';
import { kindNamed, surroundingsOf } from '../src/lib/plates/kinds';
import { type Plate } from '../src/lib/plates/plate';
import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, measuring, spent, timeDial } from './browser';

type Matching = Extract<Plate, { kind: 'matching' }>;

/** A lit cloth that is being matched: the form with most to look at. */
function litStudy(): StudyDocument {
	const { make, exercises } = kindNamed('matching');
	const study = newStudy('Lit', '');
	const plate = exercises!.change(make(surroundingsOf({ ...study, plates: [] })), 'lit-form') as unknown as Matching;
	const cloth = { ...plate, id: newId(), exercise: { ...plate.exercise, form: 'cloth' } as Matching['exercise'] };
	return { ...study, plates: [cloth] };
}

/** What it costs to open a lit form, and what one turn of a dial costs while a region of it is set. */
await inBrowser(async (page) => {
	await countLongTasks(page);
	const id = await keep(litStudy());
	const session = await measuring(page);
	const before = await spent(session);
	await page.goto(`${ADDRESS}/studies/${id}`);
	await page.waitForSelector('[data-drawing]');
	await page.waitForLoadState('networkidle');
	const after = await spent(session);
	console.log('\n| opening a study with a lit cloth | |');
	console.log('| --- | ---: |');
	console.log(`| script, ms | ${(after.script - before.script).toFixed(0)} |`);
	console.log(`| longest task, ms | ${Math.max(0, ...(await longTasks(page))).toFixed(0)} |`);
	// A colour first: the track of hue says nothing of a grey.
	const chroma = (await page.getByRole('slider', { name: 'Chroma' }).boundingBox())!;
	await page.mouse.click(chroma.x + chroma.width * 0.2, chroma.y + chroma.height / 2);
	await timeDial(page, 'a region of a lit cloth', 8);
});
