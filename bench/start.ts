import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newStudy } from '../src/lib/study/new-study';
import { heldBy } from '../tests/support/memory';
import { answered } from './answered';
import { fillWithStudies } from './filled';

/** How long a start takes after a kill in the middle of saves, and what a server holds that nobody asks anything. */
const STUDIES = Number(process.env.RICERCAR_STUDIES ?? 10_000);
const KILLS = 5;
const PORT = 4188;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const QUIET = 10_000;
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

async function start(folder: string): Promise<{ child: ChildProcess; seconds: number }> {
	const from = performance.now();
	const child = spawn(process.execPath, [process.env.RICERCAR_SERVER ?? 'build/index.js'], {
		env: { ...process.env, HOST: '127.0.0.1', PORT: String(PORT), RICERCAR_DATA: folder },
		stdio: ['ignore', 'ignore', 'inherit']
	});
	await answered(`${ADDRESS}/api/studies`);
	return { child, seconds: (performance.now() - from) / 1000 };
}

async function ended(child: ChildProcess, signal: NodeJS.Signals): Promise<void> {
	const gone = new Promise((done) => child.once('exit', done));
	child.kill(signal);
	await gone;
}

/** Megabytes that a server holds on a folder when it has been left alone for a while. */
async function idle(folder: string): Promise<number> {
	const { child } = await start(folder);
	await pause(QUIET);
	const held = heldBy(child.pid!);
	await ended(child, 'SIGTERM');
	return held;
}

const empty = mkdtempSync(join(tmpdir(), 'ricercar-start-'));
await ended((await start(empty)).child, 'SIGTERM');
const onEmpty = await idle(empty);

const full = mkdtempSync(join(tmpdir(), 'ricercar-start-'));
await fillWithStudies(join(full, 'own'), STUDIES);
const onFull = await idle(full);

const starts: number[] = [];
let { child } = await start(full);
for (let i = 0; i < KILLS; i++) {
	let saving = true;
	const body = JSON.stringify({ document: newStudy('Under way', '') });
	const saves = Promise.all(
		Array.from({ length: 4 }, async () => {
			while (saving)
				await fetch(`${ADDRESS}/api/studies`, {
					method: 'POST',
					headers: { 'content-type': 'application/json' },
					body
				}).catch(() => (saving = false));
		})
	);
	await pause(3000);
	await ended(child, 'SIGKILL');
	await saves;
	const next = await start(full);
	child = next.child;
	starts.push(next.seconds);
}
await ended(child, 'SIGTERM');
starts.sort((a, b) => a - b);

console.log('\n| a server | | goal |\n| --- | ---: | ---: |');
console.log(`| idle on an empty database, MB | ${onEmpty.toFixed(0)} | 350 |`);
console.log(`| idle on ${STUDIES} studies, MB | ${onFull.toFixed(0)} | |`);
console.log(
	`| answers after a kill in the middle of saves, ${STUDIES} studies, median of ${KILLS}, s | ${starts[KILLS >> 1]!.toFixed(1)} | 5 |`
);
console.log(`| the longest of them, s | ${starts.at(-1)!.toFixed(1)} | |`);
