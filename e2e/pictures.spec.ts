import { readFile } from 'node:fs/promises';
import { differenceCiede2000 } from 'culori';
import { type Page } from '@playwright/test';
import sharp from 'sharp';
import { findPlaces } from '../src/lib/core/picture/taking';
import { pathOfPicture } from '../src/lib/model/picture-path';
import { studySchema } from '../src/lib/study/study';
import { ready, saved, take } from './pages';
import { beginFields, beginPicture, bring, described, fields, FIELDS, heldCode, marks, plateAt } from './pictures';
import { expect, test } from './test';

const apart = differenceCiede2000();

/** Drops or pastes a file on the page, as the browser hands it over. */
const hand = (page: Page, how: 'drop' | 'paste', name: string, type: string, content: Buffer): Promise<void> =>
	page.evaluate(
		({ how, name, type, content }) => {
			const data = new DataTransfer();
			data.items.add(new File([Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0))], name, { type }));
			const event =
				how === 'drop'
					? new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer: data })
					: new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData: data });
			document.body.dispatchEvent(event);
		},
		{ how, name, type, content: content.toString('base64') }
	);

test('each kind of file is brought, by the choice, by drop and by paste, and its four fields are found', async ({
	page
}) => {
	await beginPicture(page);
	const formats = ['png', 'jpeg', 'webp', 'avif', 'gif', 'tiff'] as const;
	for (const format of formats) {
		const content = await fields().toFormat(format, { quality: 100 }).toBuffer();
		await bring(page, `four fields ${format}.${format}`, `image/${format}`, content);
		await expect(page.locator('.surface h1')).toHaveText(`four fields ${format}`);
		// What loses makes more colours at the borders of the fields.
		await page.getByLabel('Colours', { exact: true }).fill('4');
		await page.keyboard.press('Enter');
		await page.getByRole('radiogroup', { name: 'Emphasis' }).getByText('By area', { exact: true }).click();
		await expect(page.locator('.surface text', { hasText: 'four colours, by area' })).toHaveCount(1);
		await expect(marks(page)).toHaveCount(4);
		await expect(described(page)).toContainText('25 %');
		for (const code of FIELDS) {
			const found: number[] = [];
			for (let i = 0; i < 4; i++) {
				await marks(page).nth(i).focus();
				found.push(apart(code, (await heldCode(page).textContent())!.trim()));
			}
			expect(Math.min(...found), `${format} ${code}`).toBeLessThan(1);
		}
	}
	const before = await page.locator('[data-plate]').count();
	await hand(page, 'drop', 'dropped_fields.png', 'image/png', await fields().png().toBuffer());
	await expect(page.locator('.surface h1')).toHaveText('dropped fields');
	await hand(page, 'paste', 'image.png', 'image/png', await fields().png().toBuffer());
	await expect(page.locator('.surface h1')).toHaveText('A picture');
	await expect(page.locator('[data-plate]')).toHaveCount(before + 2);
	await page.keyboard.press('Control+z');
	await expect(page.locator('[data-plate]')).toHaveCount(before + 1);
});

test('what is no picture, is damaged or is not read is said in words, and nothing changes', async ({ page }) => {
	await beginPicture(page);
	const whole = await fields().jpeg().toBuffer();
	const says = async (name: string, type: string, content: Buffer, words: string): Promise<void> => {
		await bring(page, name, type, content);
		await expect(page.getByText(words)).toBeVisible();
		await expect(page.locator('.surface h1')).toHaveText('Cloth in the dye house');
		await page.keyboard.press('Escape');
	};
	await says('notes.png', 'image/png', Buffer.from('weld, woad'), 'This is not a picture.');
	await says('half.jpg', 'image/jpeg', whole.subarray(0, whole.length / 2), 'The picture is damaged');
	await says('old.bmp', 'image/bmp', Buffer.from(`BM${'\0'.repeat(80)}`, 'latin1'), 'BMP is not read here.');
	await says('large.png', 'image/png', Buffer.alloc(40_000_001), 'A picture may take 40 megabytes.');
	await expect(marks(page)).toHaveCount(6);
});

test('it is the same again after a reload, and is taken away as SVG, PNG, PDF and, with its picture, as a zip that is read in whole', async ({
	page
}) => {
	await beginFields(page);
	await expect(described(page)).toContainText('25 %');
	const before = await described(page).textContent();
	await saved(page);
	await page.reload();
	await ready(page);
	await expect(described(page)).toHaveText(before!);

	const svg = (await take(page, 'The plate as SVG')).content.toString();
	expect(svg.match(/<image [^>]*href="data:image\/png;base64,/g)).toHaveLength(3);
	const png = await take(page, 'The plate as PNG …', 'Save the picture');
	const { width, height } = await sharp(png.content).metadata();
	const { data, info } = await sharp(png.content).raw().toBuffer({ resolveWithObject: true });
	const codeAt = (x: number, y: number): string => {
		const start = (Math.round((y / 560) * height) * info.width + Math.round((x / 792) * width)) * info.channels;
		return `#${data.subarray(start, start + 3).toString('hex')}`;
	};
	// The first field and the last in the large picture, and in its few colours.
	for (const [x, code] of [
		[60, FIELDS[0]],
		[500, FIELDS[3]],
		[575, FIELDS[0]],
		[740, FIELDS[3]]
	] as const)
		expect(apart(codeAt(x, 80), code), `${x}`).toBeLessThan(1);
	const pdf = (await take(page, 'Print, as PDF …', 'Save the PDF')).content.toString('latin1');
	expect(pdf.match(/\/Subtype \/Image/g)!.length).toBeGreaterThanOrEqual(3);

	const zip = await take(page, 'The whole study with its pictures, as ZIP');
	expect(zip.name).toMatch(/\.study\.zip$/);
	const readIn = async (buffer: Buffer): Promise<void> => {
		await page.goto('/');
		await ready(page);
		const file = { name: 'study.zip', mimeType: 'application/zip', buffer };
		await page.locator('input[type="file"][accept*=".zip"]').setInputFiles(file);
	};
	await readIn(zip.content);
	await page.waitForURL(/\/studies\/[0-9a-z]+$/);
	await ready(page);
	await plateAt(page, 2).click();
	await expect(described(page)).toHaveText(before!);
	await expect(marks(page)).toHaveCount(4);
	// Its pixels came with it, to the code.
	await expect(async () => {
		// Until they are here a click finds nothing to look at.
		await page.getByRole('button', { name: /^fields: click a pixel/ }).click({ position: { x: 20, y: 20 } });
		await expect(heldCode(page)).toHaveText(FIELDS[0], { timeout: 1000 });
	}).toPass();

	// What only seems to be a zip is refused with the reason.
	await readIn(zip.content.subarray(0, 900));
	await expect(page.getByText(/“study.zip” was not read in\./)).toBeVisible();
});

test('what is kept decodes alike in the browser and on the server, and gives the same colours within 1 ΔE00', async ({
	page
}) => {
	await beginPicture(page);
	const file = await readFile('src/lib/server/images/shipped/garden.jpg');
	const photograph = await sharp(file).resize(2400, 1600).webp({ quality: 90 }).toBuffer();
	await bring(page, 'garden.webp', 'image/webp', photograph);
	await expect(page.locator('.surface h1')).toHaveText('garden');
	await expect(described(page)).toContainText('ΔE00 off');
	const keptPlate = async () => {
		const study = studySchema.parse(await (await page.request.get(`/api${new URL(page.url()).pathname}`)).json());
		const plate = study.document.plates[1]!;
		if (plate.kind !== 'picture') throw new Error('The second plate is a picture.');
		return plate;
	};
	// What is found in it is saved after the picture itself.
	await expect
		.poll(async () => {
			const { title, places } = await keptPlate();
			return title === 'garden' ? places.length : 0;
		})
		.toBeGreaterThan(0);
	const plate = await keptPlate();

	const kept = await (await page.request.get(pathOfPicture(plate.picture.id))).body();
	const { data, info } = await sharp(kept).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
	const seen = await page.evaluate(async (path) => {
		const bitmap = await createImageBitmap(await (await fetch(path)).blob(), { colorSpaceConversion: 'none' });
		const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext('2d')!;
		context.drawImage(bitmap, 0, 0);
		// Every 97th byte: some hundred thousand of them.
		const { data: bytes } = context.getImageData(0, 0, bitmap.width, bitmap.height);
		return {
			width: bitmap.width,
			some: Array.from({ length: Math.floor(bytes.length / 97) }, (_, i) => bytes[97 * i]!)
		};
	}, pathOfPicture(plate.picture.id));
	expect(seen.width).toBe(info.width);
	expect(Math.max(...seen.some.map((byte, i) => Math.abs(byte - data[97 * i]!)))).toBeLessThanOrEqual(2);

	const pixels = { rgba: new Uint8Array(data), width: info.width, height: info.height };
	const { count, emphasis, seed, size } = plate;
	const found = findPlaces(pixels, { count, emphasis, seed, size, kept: [] });
	for (const { text } of found)
		expect(Math.min(...plate.places.map((place) => apart(place.text, text))), text).toBeLessThan(1);
});
