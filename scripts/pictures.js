// npm run pictures: takes the pictures of docs/screenshots from the demo data, in the built application.
import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, installDebianTools, installPackages, ROOT } from './ready.js';

installPackages();
installDebianTools();
build();

const { chromium } = await import('@playwright/test');
const PORT = '4189';
const ADDRESS = `http://127.0.0.1:${PORT}`;
const env = {
	...process.env,
	HOST: '127.0.0.1',
	PORT,
	RICERCAR_DEMO: 'fresh',
	RICERCAR_DATA: mkdtempSync(join(tmpdir(), 'ricercar-pictures-'))
};
const server = spawn(process.execPath, ['build/index.js'], { cwd: ROOT, env, stdio: 'ignore' });

const step = (page, row, number) => page.locator(`[data-place="${row - 1} ${number - 1}"]`).click();

/** All that was handed in for the brief of the demo, with two of them on the table and a note begun. */
async function pinUp(page) {
	await page.getByRole('button', { name: 'Four intervals: what to do' }).click();
	await page.getByRole('menuitem', { name: 'Pin up what was handed in' }).click();
	await page.getByRole('button', { name: /^Ines Marlow, 7 of 7/ }).click();
	await page.getByRole('button', { name: /^Emil Strand, 5 of 7/ }).click();
	await page
		.getByLabel('A note beside this plate')
		.fill('It leaps from one step to the next: you shared it out by amount, and the eye counts otherwise.');
}

/** The views: a file; the study or the page to open (none for the list); what to do there, and the picture where that makes one. */
const VIEWS = [
	['studies', null, async () => {}],
	['study', 'Blanket border, first warp', (page) => step(page, 5, 7)],
	[
		'choices',
		'A banner of one value',
		async (page) => {
			await step(page, 2, 1);
			await page.getByRole('button', { name: /^Recipe: / }).click();
			await page.getByRole('menuitemradio', { name: /^Dulling/ }).hover();
		}
	],
	['wheel', 'Wheels for a dye garden', async () => {}],
	['scheme', 'Schemes for a banner', async (page) => page.locator('.member').nth(1).click()],
	[
		'exercises',
		'Ground and figure',
		async (page) => {
			await page.getByRole('button', { name: 'Add a plate', exact: true }).click();
			await page.getByRole('button', { name: /^\d+\. Assimilation\. / }).hover();
			// The pictures are drawn one after the other, when the browser has time.
			await page.waitForTimeout(6000);
		}
	],
	['mixes', 'Mixing the dye bath', async () => {}],
	['pattern', 'Floor cloth for the weaving hall', (page) => page.waitForTimeout(1500)],
	[
		'one-as-two',
		'Ground and figure',
		async (page) => {
			await page.getByRole('checkbox', { name: 'proof strip' }).check();
			await page.getByRole('button', { name: 'Propose' }).click();
			await page.getByText(/^your own, /).waitFor();
		}
	],
	[
		'side-by-side',
		'Blanket border, first warp',
		async (page) => {
			// A plate of another study beside it, by the menu of the plate.
			await page.getByRole('button', { name: 'Plate 1', exact: true }).click();
			await page.getByRole('menuitem', { name: 'Put one of another study beside it' }).click();
			await page.getByRole('link', { name: 'Band for the north door', exact: true }).click();
			await page.getByRole('combobox', { name: 'View of the right plate' }).selectOption('value');
		}
	],
	['matching-check', 'Learning to see lit cloth', (page) => page.waitForTimeout(1500)],
	[
		'matching',
		'Learning to see lit cloth',
		async (page) => {
			// Four of the six regions as they were set last.
			await page.getByRole('button', { name: 'Again from grey' }).click();
			await page.getByText('0 of 6 set.').waitFor();
			for (const region of [5, 0, 1, 2]) {
				await page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button').nth(region).click();
				await page.getByRole('button', { name: 'As it was', exact: true }).click();
			}
			await page.waitForTimeout(900);
		}
	],
	[
		'shown-to-a-room',
		'Ground and figure',
		async (page) => {
			await page.getByRole('radio', { name: 'dark board' }).check({ force: true });
			await page.getByRole('button', { name: 'Show', exact: true }).click();
		}
	],
	// The pictures themselves come a little later than the page.
	['picture', 'Banner for the saltmarsh', (page) => page.waitForTimeout(3000)],
	['palettes', '/palettes', async () => {}],
	[
		'brief',
		'/briefs',
		async (page) => {
			await page.getByRole('link', { name: 'Four intervals', exact: true }).click();
			await page.getByLabel('the recipe of row 1').waitFor();
		}
	],
	[
		'pin-up',
		'/briefs',
		async (page) => {
			await pinUp(page);
			await page.getByRole('button', { name: 'Pin it to a place' }).click();
			await page.getByRole('button', { name: /^Pin the note to a place/ }).click({ position: { x: 100, y: 86 } });
			await page.getByRole('button', { name: 'Write it' }).click();
			await page.waitForTimeout(500);
		}
	],
	[
		'given-back',
		'/briefs',
		async (page) => {
			await pinUp(page);
			await page.getByLabel('A note beside this plate').fill('Rows 1 and 4 once more, by equal differences.');
			await page.getByRole('button', { name: 'Write it' }).click();
			await page.getByLabel('Mark', { exact: true }).fill('nearly there: rows 1 and 4 once more');
			await page.keyboard.press('Tab');
			const waiting = page.waitForEvent('download');
			await page.getByRole('button', { name: 'Give it back, as a file' }).click();
			const returned = await (await waiting).path();
			await page.goto(ADDRESS, { waitUntil: 'networkidle' });
			await page.getByLabel('Read in a study or a brief').setInputFiles(returned);
			await page.waitForURL(/hand-ins/);
			await page.getByRole('figure').first().waitFor();
		}
	],
	[
		'printed',
		'Band for the north door',
		async (page) => {
			await page.getByRole('button', { name: 'Take it away' }).click();
			await page.getByRole('menuitem', { name: 'Print, as PDF …' }).click();
			const waiting = page.waitForEvent('download');
			await page.getByRole('button', { name: 'Save the PDF' }).click();
			const pdf = await (await waiting).path();
			const picture = join(mkdtempSync(join(tmpdir(), 'ricercar-page-')), 'page');
			execFileSync('pdftoppm', ['-r', '108', '-f', '5', '-l', '5', '-singlefile', '-png', pdf, picture]);
			return `${picture}.png`;
		}
	]
];

async function ready() {
	for (let tries = 0; tries < 150; tries++) {
		if (
			await fetch(ADDRESS).then(
				({ ok }) => ok,
				() => false
			)
		)
			return;
		await new Promise((done) => setTimeout(done, 200));
	}
	throw new Error('The server did not start.');
}

try {
	await ready();
	const browser = await chromium.launch({
		executablePath: '/usr/bin/chromium-headless-shell',
		args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking']
	});
	for (const [file, study, act] of VIEWS) {
		const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
		await page.goto(ADDRESS, { waitUntil: 'networkidle' });
		if (study?.startsWith('/')) await page.goto(ADDRESS + study, { waitUntil: 'networkidle' });
		else if (study) {
			await page.getByRole('link', { name: study, exact: true }).click();
			await page.getByRole('region', { name: 'Readings' }).waitFor();
		}
		const path = join(ROOT, 'docs', 'screenshots', `${file}.png`);
		const made = await act(page);
		await page.waitForTimeout(600);
		if (made) copyFileSync(made, path);
		else await page.screenshot({ path });
		await page.close();
	}
	await browser.close();
} finally {
	server.kill();
}
