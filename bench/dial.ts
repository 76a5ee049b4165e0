import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type CDPSession } from '@playwright/test';
import { newId } from '../src/lib/model/ids';
import { newStudy } from '../src/lib/model/new-study';

const RECIPES = ['tints', 'shades', 'tones-level', 'interval'] as const;
const METHODS = ['oklab', 'light', 'screen'] as const;

/** What one turn of a mixer dial costs in Chromium, on a plate with 12 scales of 9 steps that all depend on it. */
const PORT = 4188;
const TURNS = 240;
const ADDRESS = `http://127.0.0.1:${PORT}`;

const server = spawn(process.execPath, ['build/index.js'], {
	env: {
		...process.env,
		HOST: '127.0.0.1',
		PORT: String(PORT),
		RICERCAR_DEMO: 'fresh',
		RICERCAR_DATA: mkdtempSync(join(tmpdir(), 'ricercar-bench-'))
	},
	stdio: 'ignore'
});

async function answered(): Promise<void> {
	for (let tries = 0; tries < 150; tries++) {
		const ok = await fetch(ADDRESS).then(
			(response) => response.ok,
			() => false
		);
		if (ok) return;
		await new Promise((done) => setTimeout(done, 200));
	}
	throw new Error('The server did not start.');
}

/** A study whose one plate has every recipe by every method, all of one linked parent; gives its id. */
async function makeStudy(): Promise<string> {
	const study = newStudy('Dial', '');
	const plate = study.plates[0]!;
	const model = plate.scales[0]!;
	const scales = RECIPES.flatMap((recipe) =>
		METHODS.map((method) => ({ ...model, id: newId(), recipe, method, between: 7 }))
	);
	const document = { ...study, plates: [{ ...plate, scales }] };
	const response = await fetch(`${ADDRESS}/api/studies`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ document })
	});
	return ((await response.json()) as { id: string }).id;
}

/** Milliseconds of script, and of all work of the page's main thread, since the page began. */
async function spent(session: CDPSession): Promise<{ script: number; task: number }> {
	const { metrics } = await session.send('Performance.getMetrics');
	const of = (name: string): number => 1000 * (metrics.find((metric) => metric.name === name)?.value ?? 0);
	return { script: of('ScriptDuration'), task: of('TaskDuration') };
}

const at = (numbers: readonly number[], share: number): string =>
	([...numbers].sort((a, b) => a - b)[Math.floor(share * (numbers.length - 1))] ?? 0).toFixed(2);

async function measure(): Promise<void> {
	const browser = await chromium.launch({
		executablePath: '/usr/bin/chromium',
		args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking']
	});
	const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
	await page.goto(`${ADDRESS}/studies/${await makeStudy()}`);
	await page.locator('[data-place="0 0"]').click();
	await page.waitForSelector('.readings .chart svg');
	await page.evaluate(() => {
		const counted = window as unknown as { longTasks: number };
		counted.longTasks = 0;
		new PerformanceObserver((list) => (counted.longTasks += list.getEntries().length)).observe({
			entryTypes: ['longtask']
		});
	});
	const session = await page.context().newCDPSession(page);
	// Processor time of the thread, not of the clock: on a shared machine the clock also counts what others took.
	await session.send('Performance.enable', { timeDomain: 'threadTicks' });
	const box = (await page.getByRole('slider', { name: 'Hue' }).boundingBox())!;
	const y = box.y + box.height / 2;
	const frame = () => page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));
	await page.mouse.move(box.x + 20, y);
	await page.mouse.down();
	const scripts: number[] = [];
	const tasks: number[] = [];
	for (let turn = 0; turn < TURNS; turn++) {
		const before = await spent(session);
		await page.mouse.move(box.x + 20 + ((turn * 7) % (box.width - 40)), y);
		await frame();
		const after = await spent(session);
		scripts.push(after.script - before.script);
		tasks.push(after.task - before.task);
	}
	await page.mouse.up();
	const long = await page.evaluate(() => (window as unknown as { longTasks: number }).longTasks);
	console.log(`\n| one turn of a dial, 12 scales of 9 steps (${TURNS} turns) | median | 90 % | largest | goal |`);
	console.log('| --- | ---: | ---: | ---: | ---: |');
	console.log(`| script, ms | ${at(scripts, 0.5)} | ${at(scripts, 0.9)} | ${at(scripts, 1)} | 8 |`);
	console.log(`| all work of the main thread, ms | ${at(tasks, 0.5)} | ${at(tasks, 0.9)} | ${at(tasks, 1)} | |`);
	console.log(`| long tasks (over 50 ms) during the drag | ${long} | | | 0 |`);
	await browser.close();
}

try {
	await answered();
	await measure();
} finally {
	server.kill();
}
