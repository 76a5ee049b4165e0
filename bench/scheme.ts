import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { surroundingsOf } from '../src/lib/plates/kinds';
import { schemeFrom } from '../src/lib/plates/scheme/make';
import { ADDRESS, countLongTasks, inBrowser, keep, timeDial } from './browser';

/** A scheme of four members with twelve relatives each way and the designs, all of one linked lead colour. */
function schemeStudy(): StudyDocument {
	const study = newStudy('Scheme', '');
	const plate = schemeFrom(surroundingsOf(study), { linked: study.linked[0]!.id });
	const others = Array.from({ length: 3 }, () => ({ angle: 0, strength: 0.9, value: 4, fixed: null }));
	const relatives = { shown: true, steps: 12, size: 2, cross: 0, chosen: [] };
	return { ...study, plates: [{ ...plate, scheme: 'analogous', others, relatives }] };
}

await inBrowser(async (page) => {
	await countLongTasks(page);
	await page.goto(`${ADDRESS}/studies/${await keep(schemeStudy())}`);
	await page.waitForSelector('.readings .chart svg');
	await timeDial(page, 'a scheme of 4 members, 12 relatives each way, designs', 8);
});
