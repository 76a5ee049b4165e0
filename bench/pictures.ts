import { type Page } from '@playwright/test';
import sharp, { type Sharp } from 'sharp';
import { coloursOfPicture } from '../src/lib/core/picture/group';
import { type Pixels } from '../src/lib/core/picture/square';
import { seenPixels } from '../src/lib/drawing/seen-pixels';
import { newId } from '../src/lib/model/ids';
import { emptyStudy } from '../src/lib/study/new-study';
import { ADDRESS, countLongTasks, inBrowser, keep, longTasks, timeDrag } from './browser';

const SHIPPED = 'src/lib/server/images/shipped/garden.jpg';
const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;

/** Milliseconds that a piece of work takes, the median of some after two to warm up. */
function timed(work: () => unknown, times = 9): number {
	const took = Array.from({ length: times + 2 }, () => {
		const before = performance.now();
		work();
		return performance.now() - before;
	});
	return median(took.slice(2));
}

async function pixelsOf(picture: Sharp): Promise<Pixels> {
	const { data, info } = await picture.ensureAlpha().raw().toBuffer({ resolveWithObject: true });
	return { rgba: data, width: info.width, height: info.height };
}

/** A photograph's worth of pixels as a camera writes it. */
const large = (): Promise<Buffer> =>
	sharp(SHIPPED).resize(4000, 3000, { fit: 'fill' }).jpeg({ quality: 88 }).toBuffer();

/** Puts a file where the page can take it from: unpacking it is the measuring's own work. */
const put = (page: Page, file: Buffer): Promise<unknown> =>
	page.evaluate((content) => {
		const bytes = Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0));
		(window as unknown as { dropped: Uint8Array<ArrayBuffer> }).dropped = bytes;
	}, file.toString('base64'));

/** Drops it on the page and waits until its colours stand on the plate; milliseconds, by the page's own clock. */
const dropped = (page: Page, name: string): Promise<number> =>
	page.evaluate(async (title) => {
		const { dropped: bytes } = window as unknown as { dropped: Uint8Array<ArrayBuffer> };
		const data = new DataTransfer();
		data.items.add(new File([bytes], `${title}.jpg`, { type: 'image/jpeg' }));
		const before = performance.now();
		document.body.dispatchEvent(new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer: data }));
		const shown = (): boolean =>
			document.querySelector('.surface h1')?.textContent === title && document.querySelector('[data-mark]') !== null;
		while (!shown()) await new Promise((done) => setTimeout(done, 4));
		return performance.now() - before;
	}, name);

const two = await pixelsOf(sharp(SHIPPED).resize(1732, 1155, { fit: 'fill' }));
const twelve = await pixelsOf(sharp(SHIPPED).resize(4000, 3000, { fit: 'fill' }));
const codes = ['#e9dcc0', '#d9b036', '#b3392b', '#5d7f45', '#2f5f86', '#6a4a72', '#3c3a3f'];
console.log('\n| pictures, in Node.js | ms | goal |');
console.log('| --- | ---: | ---: |');
const group = timed(() => coloursOfPicture(twelve.rgba, twelve.width, 5, 'area', 1));
console.log(`| 12 megapixels to five colours | ${group.toFixed(0)} | 300 |`);
const reduced = timed(() => seenPixels(two, { as: 'colours', colours: codes, shown: codes }));
console.log(`| 2 megapixels drawn in seven colours | ${reduced.toFixed(0)} | 150 |`);

await inBrowser(async (page) => {
	await countLongTasks(page);
	const file = await large();
	const id = await keep(emptyStudy('Pictures', ''));
	await page.goto(`${ADDRESS}/studies/${id}`);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await put(page, file);
	await dropped(page, `warm ${newId()}`);
	await page.waitForTimeout(3000);
	await longTasks(page);
	const took: number[] = [];
	for (let i = 0; i < 5; i++) {
		took.push(await dropped(page, `picture ${i}`));
		await page.waitForTimeout(2500);
	}
	const long = await longTasks(page);
	console.log('\n| bringing 12 megapixels, in Chromium | median | largest | goal |');
	console.log('| --- | ---: | ---: | ---: |');
	console.log(
		`| from the drop to the colours on screen, ms | ${median(took).toFixed(0)} | ${Math.max(...took).toFixed(0)} | 1000 |`
	);
	console.log(
		`| long tasks of the page meanwhile (over 50 ms) | ${long.length} | ${Math.max(0, ...long).toFixed(0)} ms | 0 |`
	);

	const mark = (await page.locator('[data-mark]').first().boundingBox())!;
	const box = (await page.locator('button.picture').boundingBox())!;
	const start = [mark.x + mark.width / 2, mark.y + mark.height / 2] as const;
	const place = (turn: number) =>
		[box.x + 20 + ((turn * 7) % (box.width - 40)), box.y + 40 + ((turn * 3) % 200)] as const;
	await timeDrag(page, 'moving a place', { start, place }, 8);
});
