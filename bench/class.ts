import { newPlate } from '../src/lib/plates/new-plate';
import { type Plate } from '../src/lib/plates/plate';
import { briefOf } from '../src/lib/study/brief/brief';
import { emptyTerms } from '../src/lib/study/brief/terms';
import { takenUp } from '../src/lib/study/brief/take-up';
import { handInOf } from '../src/lib/study/handed/hand-in';
import { writeHandIn } from '../src/lib/study/handed/hand-in-file';
import { newStudy } from '../src/lib/study/new-study';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, measuring, spent } from './browser';

const HAND_INS = 30;
/** A plate of every kind, and a second one of mixes: nine. */
const start = newStudy('A class', '2026-11-02');
const KINDS = ['wheel', 'scheme', 'mixes', 'grounds', 'picture', 'pattern', 'matching', 'mixes'] as const;
const plates: Plate[] = [...start.plates, ...KINDS.map((kind) => newPlate(kind, start))];
const set = { ...start, plates, brief: emptyTerms('briefofclass') };

/** What thirty hand-ins of nine plates cost the page on which they are collected and hung. */
await inBrowser(async (page) => {
	const id = await keep(set);
	const brief = briefOf(set)!;
	const files = Array.from({ length: HAND_INS }, (_, i) => {
		const study = takenUp(brief, { maker: `Maker ${i}`, date: '' });
		const handIn = handInOf(study, {
			id: `handinno${String(i).padStart(4, '0')}`,
			at: new Date(i * 1e6).toISOString(),
			pictures: {}
		});
		return { name: `${i}.handin.json`, mimeType: 'application/json', buffer: Buffer.from(writeHandIn(handIn!)) };
	});
	const size = files.reduce((sum, { buffer }) => sum + buffer.length, 0) / HAND_INS / 1000;
	await countLongTasks(page);
	await page.goto(`${ADDRESS}/studies/${id}/pin-up`, { waitUntil: 'networkidle' });
	await longTasks(page);
	const from = performance.now();
	await page.getByLabel('Collect hand-ins').setInputFiles(files);
	await page.waitForFunction((count) => document.querySelectorAll('.wall canvas').length === count, HAND_INS, {
		timeout: 120_000
	});
	const collected = (performance.now() - from) / 1000;
	const whileCollecting = await longTasks(page);

	const session = await measuring(page);
	const before = await spent(session);
	await page.getByRole('button', { name: 'All plates of each' }).click();
	await page.waitForTimeout(3000);
	const drawn = await spent(session);
	const whileDrawn = await longTasks(page);
	await page.mouse.move(700, 500);
	const FRAMES = 40;
	for (let i = 0; i < FRAMES; i++) await page.mouse.wheel(0, 60);
	await page.waitForTimeout(500);
	const scrolled = await spent(session);
	const longest = (all: number[]): string => `${all.length}, ${Math.max(0, ...all).toFixed(0)}`;
	console.log(`\n| ${HAND_INS} hand-ins of ${set.plates.length} plates, ${size.toFixed(0)} kB each | | goal |`);
	console.log('| --- | ---: | ---: |');
	console.log(`| collected and hung, s | ${collected.toFixed(1)} | 3 |`);
	console.log(`| long tasks while they are, and the longest in ms | ${longest(whileCollecting)} | 0 over 100 |`);
	console.log(`| all plates of each drawn, ms of script | ${(drawn.script - before.script).toFixed(0)} | 500 |`);
	console.log(`| long tasks while they are, and the longest in ms | ${longest(whileDrawn)} | 0 over 100 |`);
	console.log(
		`| scrolled, ms of script a turn of the wheel | ${((scrolled.script - drawn.script) / FRAMES).toFixed(1)} | 8 |`
	);
});
