import { axeFaults } from './axe';
import { drawnColours, makeStudy, openDemo, ready, saved, step } from './pages';
import { expect, test } from './test';

test('axe finds nothing on the studies, help and error pages', async ({ page }) => {
	for (const path of ['/', '/?words=nothing-like-this', '/help', '/studies/nosuchstudy']) {
		await page.goto(path);
		await ready(page);
		expect(await axeFaults(page), path).toEqual([]);
	}
});

test('axe finds nothing on a study, on every board, with menu, dialog and step open', async ({ page }) => {
	await openDemo(page, 'Blanket border, first warp');
	for (const board of ['white', 'middle', 'black', 'light']) {
		await page.getByRole('radio', { name: `${board} board` }).check({ force: true });
		expect(await axeFaults(page), board).toEqual([]);
	}
	await step(page, 1, 3).click();
	expect(await axeFaults(page), 'step').toEqual([]);
	await page.getByRole('button', { name: 'Take it away' }).click();
	expect(await axeFaults(page), 'menu').toEqual([]);
	await page.keyboard.press('Escape');
	await page.getByRole('navigation', { name: 'Where you are' }).getByRole('button').click();
	await expect(page.getByRole('dialog')).toBeVisible();
	await page.waitForTimeout(200);
	expect(await axeFaults(page), 'dialog').toEqual([]);
});

test('with the keyboard alone: make a study, add a scale, turn its parent, read a step, undo, and find it saved', async ({
	page
}) => {
	await page.goto('/');
	await ready(page);
	const tabTo = async (name: RegExp) => {
		for (let presses = 0; presses < 60; presses++) {
			await page.keyboard.press('Tab');
			const found = await page.evaluate(() => {
				const element = document.activeElement as HTMLElement | null;
				return element?.getAttribute('aria-label') ?? element?.textContent?.trim() ?? '';
			});
			if (name.test(found)) return;
		}
		throw new Error(`Tab does not reach ${name}`);
	};
	await tabTo(/^New study$/);
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/studies\//);
	await ready(page);
	await tabTo(/^Begin with madder/);
	await page.keyboard.press('Enter');
	await tabTo(/^Add a scale$/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('menuitemradio', { name: /^Shades/ })).toBeFocused();
	await page.keyboard.press('Enter');
	expect(await drawnColours(page)).toHaveLength(14);

	await tabTo(/^Shades, step 1 of 7/);
	await page.keyboard.press('ArrowUp');
	await expect(step(page, 1, 1)).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('textbox', { name: 'Colour, in any CSS syntax' })).toBeFocused();
	await page.getByRole('slider', { name: 'Lightness' }).focus();
	const before = await drawnColours(page);
	await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('ArrowRight');
	const after = await drawnColours(page);
	expect(after[0]).not.toBe(before[0]);
	expect(after[7]).toBe(after[0]);
	await page.keyboard.press('Control+z');
	expect(await drawnColours(page)).toEqual(before);

	await step(page, 1, 1).focus();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('heading', { name: 'Step 3 of 7' })).toBeVisible();
	await page.keyboard.press('Alt+ArrowDown');
	await page.keyboard.press('End');
	await expect(page.getByRole('heading', { name: 'Step 7 of 7' })).toBeVisible();
	await page.keyboard.press('Delete');
	expect(await drawnColours(page)).toHaveLength(7);
	await saved(page);
});

test('a study can be looked at and read on a telephone and at 1024 pixels', async ({ page }) => {
	await openDemo(page, 'Blanket border, first warp');
	for (const size of [
		{ width: 1024, height: 768 },
		{ width: 390, height: 844 }
	]) {
		await page.setViewportSize(size);
		await expect(step(page, 1, 1)).toBeVisible();
		await expect(page.getByText('The same in grey ink')).toBeAttached();
		const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
		expect(wide, `${size.width}`).toBeLessThanOrEqual(0);
	}
});

test('nothing on any page asks for what its policy forbids', async ({ page }) => {
	await page.addInitScript(() => {
		const seen = window as unknown as { forbidden: string[] };
		seen.forbidden = [];
		document.addEventListener('securitypolicyviolation', ({ violatedDirective, sourceFile }) =>
			seen.forbidden.push(`${violatedDirective} in ${sourceFile}`)
		);
	});
	const study = await makeStudy(page);
	for (const path of ['/', '/palettes', '/help', study]) {
		await page.goto(path);
		await ready(page);
		await page.waitForTimeout(300);
		expect(await page.evaluate(() => (window as unknown as { forbidden: string[] }).forbidden), path).toEqual([]);
	}
});

test('the page brings everything with it: nothing is asked of another host, and the policy forbids it', async ({
	page
}) => {
	const elsewhere: string[] = [];
	page.on('request', (request) => {
		const { protocol, hostname } = new URL(request.url());
		if (protocol.startsWith('http') && hostname !== '127.0.0.1') elsewhere.push(request.url());
	});
	const complaints: string[] = [];
	page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));
	const address = await makeStudy(page);
	const response = await page.goto(address);
	await ready(page);
	expect(response?.headers()['content-security-policy']).toContain("default-src 'self'");
	expect(elsewhere).toEqual([]);
	expect(complaints).toEqual([]);
});
