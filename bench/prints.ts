import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { largestStudy, printOf } from '../tests/support/largest-study';
import { answered } from './answered';

/** Six people print the largest study that the rules allow, at once; meanwhile another one works. */
const PRINTS = 6;
const PORT = 4186;
const ADDRESS = `http://127.0.0.1:${PORT}`;

const server = spawn(process.execPath, [process.env.RICERCAR_SERVER ?? 'build/index.js'], {
	env: {
		...process.env,
		HOST: '127.0.0.1',
		PORT: String(PORT),
		RICERCAR_DEMO: 'fresh',
		RICERCAR_DATA: mkdtempSync(join(tmpdir(), 'ricercar-prints-')),
		BODY_SIZE_LIMIT: '2100000'
	},
	stdio: ['ignore', 'ignore', 'inherit']
});

/** Megabytes that the server holds now. */
const held = (): number => {
	const [, kilobytes = '0'] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8')) ?? [];
	return Number(kilobytes) / 1000;
};

const seconds = async (work: () => Promise<Response>): Promise<number> => {
	const before = performance.now();
	const response = await work();
	await response.arrayBuffer();
	if (!response.ok) throw new Error(`answered ${response.status}`);
	return (performance.now() - before) / 1000;
};
const at = (sorted: readonly number[], share: number): number => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;

try {
	await answered(`${ADDRESS}/api/studies`);
	const study = largestStudy();
	const json = (content: unknown, more = {}): RequestInit => ({
		method: 'POST',
		headers: { 'content-type': 'application/json', ...more },
		body: JSON.stringify(content)
	});
	const { id } = (await (await fetch(`${ADDRESS}/api/studies`, json({ document: study }))).json()) as { id: string };
	const { lines } = (await (await fetch(`${ADDRESS}/api/studies`)).json()) as { lines: { id: string }[] };
	const opened = await seconds(() => fetch(`${ADDRESS}/studies/${id}`));
	let most = 0;
	const watch = setInterval(() => (most = Math.max(most, held())), 200);
	let printing = true;
	const prints = Promise.all(
		Array.from({ length: PRINTS }, (_, i) =>
			seconds(() => fetch(`${ADDRESS}/api/print`, json(printOf(study), { 'x-window': `window ${i}` })))
		)
	).finally(() => (printing = false));
	const waits: number[] = [];
	for (let i = 0; printing; i++) {
		const other = lines[1 + (i % (lines.length - 1))]!.id;
		const path = ['/', `/studies/${other}`, `/api/studies/${other}/picture.svg`][i % 3]!;
		waits.push(await seconds(() => fetch(ADDRESS + path)));
		await new Promise((done) => setTimeout(done, 100));
	}
	const took = await prints;
	clearInterval(watch);
	waits.sort((a, b) => a - b);
	console.log(`\n| ${PRINTS} prints of the largest study at once | |\n| --- | ---: |`);
	console.log(`| the largest study opens in, s | ${opened.toFixed(1)} |`);
	console.log(`| the first print took, s | ${Math.min(...took).toFixed(1)} |`);
	console.log(`| the last print took, s | ${Math.max(...took).toFixed(1)} |`);
	console.log(
		`| another person’s pages meanwhile (${waits.length}), median, ms | ${(1000 * at(waits, 0.5)).toFixed(0)} |`
	);
	console.log(`| 99 %, ms | ${(1000 * at(waits, 0.99)).toFixed(0)} |`);
	console.log(`| the longest, ms | ${(1000 * at(waits, 1)).toFixed(0)} |`);
	console.log(`| most memory, MB | ${most.toFixed(0)} |`);
} finally {
	server.kill();
}
