import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { formatHex } from 'culori';
import { type StudyDocument } from '../src/lib/study/study';
import { answered } from './answered';

const PORT = 4188;
export const ADDRESS = `http://127.0.0.1:${PORT}`;

/** Serves the built application with demo data, opens Chromium, and closes both when the work is done. */
export async function inBrowser(work: (page: Page) => Promise<void>): Promise<void> {
	const server = spawn(process.execPath, ['build/index.js'], {
		env: {
			...process.env,
			HOST: '127.0.0.1',
			PORT: String(PORT),
			BODY_SIZE_LIMIT: '2M',
			RICERCAR_DEMO: 'fresh',
			RICERCAR_DATA: mkdtempSync(join(tmpdir(), 'ricercar-bench-'))
		},
		stdio: 'ignore'
	});
	try {
		await answered(ADDRESS);
		const browser = await chromium.launch({
			executablePath: '/usr/bin/chromium-headless-shell',
			args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking']
		});
		await work(await browser.newPage({ viewport: { width: 1280, height: 800 } }));
		await browser.close();
	} finally {
		server.kill();
	}
}

/** Keeps a study on the server and gives its id. */
export async function keep(document: StudyDocument): Promise<string> {
	const response = await fetch(`${ADDRESS}/api/studies`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ document })
	});
	return ((await response.json()) as { id: string }).id;
}

/** Counts long tasks (over 50 ms) of the page from its beginning on; to be called before a page is opened. */
export const countLongTasks = (page: Page): Promise<unknown> =>
	page.addInitScript(() => {
		const counted = window as unknown as { longTasks: number[] };
		counted.longTasks = [];
		new PerformanceObserver((list) =>
			counted.longTasks.push(...list.getEntries().map(({ duration }) => duration))
		).observe({ entryTypes: ['longtask'] });
	});

/** The lengths in ms of the long tasks counted since the last call. */
export const longTasks = (page: Page): Promise<number[]> =>
	page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks.splice(0));

/** Opens the tools that measure a page. Processor time of the thread, not of the clock: a shared machine's clock counts what others took. */
export async function measuring(page: Page): Promise<CDPSession> {
	const session = await page.context().newCDPSession(page);
	await session.send('Performance.enable', { timeDomain: 'threadTicks' });
	return session;
}

/** Milliseconds of script, and of all work of the page's main thread, since the page began. */
export async function spent(session: CDPSession): Promise<{ script: number; task: number }> {
	const { metrics } = await session.send('Performance.getMetrics');
	const of = (name: string): number => 1000 * (metrics.find((metric) => metric.name === name)?.value ?? 0);
	return { script: of('ScriptDuration'), task: of('TaskDuration') };
}

const at = (numbers: readonly number[], share: number): string =>
	([...numbers].sort((a, b) => a - b)[Math.floor(share * (numbers.length - 1))] ?? 0).toFixed(2);

const frame = (page: Page): Promise<unknown> =>
	page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done))));

const TURNS = 240;

/** Processor time in ms of 10 000 conversions by culori, in this run: by it, figures of a fast and of a slow hour can be compared. */
function yardstick(): number {
	const times = Array.from({ length: 25 }, () => {
		const before = process.cpuUsage();
		for (let i = 0; i < 10_000; i++) formatHex({ mode: 'oklch', l: 0.3 + (i % 50) / 100, c: 0.08, h: i % 360 });
		return process.cpuUsage(before).user / 1000;
	});
	return Number(at(times, 0.5));
}

interface Costs {
	readonly script: number[];
	readonly task: number[];
}

/** What each of so many moves of the mouse costs, up to the end of the frame after it. */
async function costsOf(page: Page, session: CDPSession, place: (turn: number) => readonly [number, number]) {
	const costs: Costs = { script: [], task: [] };
	for (let turn = 0; turn < TURNS; turn++) {
		const before = await spent(session);
		await page.mouse.move(...place(turn));
		await frame(page);
		const after = await spent(session);
		costs.script.push(after.script - before.script);
		costs.task.push(after.task - before.task);
	}
	return costs;
}

/** What is dragged: from where, and where to at each turn. */
export interface Drag {
	readonly start: readonly [number, number];
	readonly place: (turn: number) => readonly [number, number];
}

/** Drags, so many moves, and prints what a turn costs. */
export async function timeDrag(page: Page, what: string, { start, place }: Drag, goal: number): Promise<void> {
	const session = await measuring(page);
	// Over the page's head nothing answers: what is left is the measuring itself.
	const idle = await costsOf(page, session, (turn) => [600 + (turn % 7), 4]);
	await longTasks(page);
	await page.mouse.move(...start);
	await page.mouse.down();
	const { script, task } = await costsOf(page, session, place);
	await page.mouse.up();
	const long = await longTasks(page);
	console.log(`\n| ${what} (${TURNS} turns) | median | 90 % | largest | goal |`);
	console.log('| --- | ---: | ---: | ---: | ---: |');
	console.log(`| script, ms | ${at(script, 0.5)} | ${at(script, 0.9)} | ${at(script, 1)} | ${goal} |`);
	console.log(`| of it the measuring itself, ms | ${at(idle.script, 0.5)} | ${at(idle.script, 0.9)} | | |`);
	console.log(`| all work of the main thread, ms | ${at(task, 0.5)} | ${at(task, 0.9)} | ${at(task, 1)} | |`);
	console.log(`| long tasks (over 50 ms) during the drag | ${long.length} | | | 0 |`);
	console.log(`\nYardstick: 10 000 OKLCH to hex by culori took ${yardstick().toFixed(1)} ms in this run.`);
}

/** Drags along a mixer track, so many moves, and prints what a turn costs. */
export async function timeDial(page: Page, what: string, goal: number): Promise<void> {
	const box = (await page.getByRole('slider', { name: 'Hue' }).boundingBox())!;
	const y = box.y + box.height / 2;
	const drag: Drag = {
		start: [box.x + 20, y],
		place: (turn) => [box.x + 20 + ((turn * 7) % (box.width - 40)), y]
	};
	await timeDrag(page, `one turn of a dial, ${what}`, drag, goal);
}
