import { type Page } from '@playwright/test';
import sharp, { type Sharp } from 'sharp';
import { addExercise, makeStudy, reach } from './pages';
import { expect } from './test';

/** The codes of the four fields. */
export const FIELDS = ['#b3392b', '#d9b036', '#2f5f86', '#e9dcc0'] as const;

/** Four fields of one colour each, side by side. */
export function fields(width = 400, height = 240): Sharp {
	const codes = FIELDS.map((code) => Buffer.from(code.slice(1), 'hex'));
	const row = Array.from({ length: width }, (_, x) => codes[Math.floor((4 * x) / width)]!);
	const pixels = Buffer.concat(Array.from({ length: height }, () => Buffer.concat(row)));
	return sharp(pixels, { raw: { width, height, channels: 3 } });
}

export const marks = (page: Page) => page.getByRole('group', { name: 'Places in the picture' }).getByRole('button');
export const described = (page: Page) => page.locator('[data-description]');
/** The code that the mixer holds. */
export const heldCode = (page: Page) => page.locator('[data-code="hex"]');
/** A plate in the index, from 1. */
export const plateAt = (page: Page, number: number) => page.locator('[data-plate]').nth(number - 1);

/** Brings a file by the choice of pictures. */
export async function bring(page: Page, name: string, mimeType: string, buffer: Buffer): Promise<void> {
	await (await reach(page, page.getByRole('button', { name: /^Picture: / }))).click();
	await page.locator('input[type="file"][accept*="avif"]').setInputFiles({ name, mimeType, buffer });
}

/** A study with a picture on its second plate, ready to be worked on. */
export async function beginPicture(page: Page): Promise<void> {
	await makeStudy(page);
	await addExercise(page, 'Colours out of a picture');
	await expect(marks(page)).toHaveCount(6);
	// The pixels are here when they are seen large.
	await expect(page.locator('.glass canvas')).toBeVisible();
}

/** The same with the four fields, and so many colours of them. */
export async function beginFields(page: Page, count = 4): Promise<void> {
	await beginPicture(page);
	await bring(page, 'fields.png', 'image/png', await fields().png().toBuffer());
	await expect(page.locator('.surface h1')).toHaveText('fields');
	await expect(marks(page)).toHaveCount(4);
	if (count !== 4) {
		await page.getByLabel('Colours', { exact: true }).fill(String(count));
		await page.keyboard.press('Enter');
		await expect(marks(page)).toHaveCount(count);
	}
	await expect(page.locator('.surface text', { hasText: ' %' }).first()).toBeAttached();
}
