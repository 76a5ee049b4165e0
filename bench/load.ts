import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seeded } from '../src/lib/core/seeded';
import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { answered } from './answered';
import { fillWithStudies } from './filled';

/** A class at work on one server: readers who ask for the next thing as soon as they have the last one, writers who save each second. */
const STUDIES = Number(process.env.RICERCAR_STUDIES ?? 10_000);
const SECONDS = Number(process.env.RICERCAR_SECONDS ?? 120);
/** Seconds of the same load before anything is counted: engines compile what is used often. */
const BEFORE = 5;
const READERS = 50;
const WRITERS = 10;
const PORT = 4187;
const ADDRESS = `http://127.0.0.1:${PORT}`;

const folder = mkdtempSync(join(tmpdir(), 'ricercar-load-'));
const next = seeded(5);

/** A study of about 20 kB that differs from save to save. */
function written(i: number): StudyDocument {
	const study = newStudy(`Written ${i}`, '');
	const plate = study.plates[0]!;
	if (plate.kind !== 'scales') throw new Error('The first plate is one of scales.');
	const code = (k: number): string => `#${((k * 7919 + i * 104_729) % 0xffffff).toString(16).padStart(6, '0')}`;
	const scale = (k: number) => ({
		...plate.scales[0]!,
		id: `scale${String(k).padStart(6, '0')}`,
		recipe: 'path' as const,
		parents: Array.from({ length: 12 }, (_, p) => ({ text: code(k * 12 + p) }))
	});
	const plates = [0, 1, 2].map((p) => ({
		...plate,
		id: `plate${String(p).padStart(6, '0')}`,
		scales: Array.from({ length: 20 }, (_, s) => scale(p * 20 + s))
	}));
	return { ...study, plates };
}

interface Times {
	readonly ms: number[];
	errors: number;
}
const times = new Map<string, Times>();
/** What went wrong: how it was answered, or why it was not, and how often. */
const wrong = new Map<string, number>();
const note = (why: string): void => void wrong.set(why, (wrong.get(why) ?? 0) + 1);
/** From when on it is counted. */
let counted = Infinity;

async function timed(what: string, path: string, init?: RequestInit): Promise<Response | null> {
	const of = times.get(what) ?? { ms: [], errors: 0 };
	const before = performance.now();
	const counts = before > counted;
	if (counts) times.set(what, of);
	try {
		const response = await fetch(ADDRESS + path, init);
		const body = await response.arrayBuffer();
		of.ms.push(performance.now() - before);
		if (!response.ok) {
			of.errors++;
			note(`${what}: ${response.status} ${new TextDecoder().decode(body).slice(0, 200)}`);
		}
		return new Response(body, { status: response.status });
	} catch (error) {
		of.errors++;
		const cause = error instanceof Error && error.cause instanceof Error ? error.cause.message : String(error);
		note(`${what}: no answer, ${cause}`);
		return null;
	}
}

const any = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
const WORDS = ['madder', 'woad', 'banner', 'blanket 7', 'saltmarsh', '99', 'wool'];

/** 40 % lists, 40 % studies, 20 % pictures; lists and studies half as pages, half as what a page that is open asks for. */
async function read(ids: readonly string[]): Promise<void> {
	const dice = next();
	if (dice < 0.2) await timed('list, as a page', next() < 0.5 ? '/' : `/?words=${any(WORDS)}`);
	else if (dice < 0.4)
		await timed('list, as data', `/api/studies?sort=${any(['changed', 'title'])}&words=${any(['', ...WORDS])}`);
	else if (dice < 0.6) await timed('study, as a page', `/studies/${any(ids)}`);
	else if (dice < 0.8) await timed('study, as data', `/studies/${any(ids)}/__data.json`);
	else await timed('picture', `/api/studies/${any(ids)}/picture.svg?revision=1`);
}

async function write(end: number, writer: number): Promise<void> {
	const json = (method: string, content: unknown): RequestInit => ({
		method,
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(content)
	});
	const made = await fetch(`${ADDRESS}/api/studies`, json('POST', { document: written(writer) }));
	const { id } = (await made.json()) as { id: string };
	let revision = 1;
	for (let i = 1; performance.now() < end; i++) {
		const save = { revision, saveId: `save${String(i).padStart(8, '0')}`, document: written(writer * 1000 + i) };
		const answer = await timed('save of 20 kB', `/api/studies/${id}`, json('PUT', save));
		if (answer?.ok) revision = ((await answer.json()) as { revision: number }).revision;
		await new Promise((done) => setTimeout(done, 1000));
	}
}

const at = (sorted: readonly number[], share: number): string =>
	(sorted[Math.floor(share * (sorted.length - 1))] ?? 0).toFixed(0);

function row(what: string, ms: readonly number[], errors: number): string {
	const sorted = [...ms].sort((a, b) => a - b);
	return `| ${what} | ${ms.length} | ${(ms.length / SECONDS).toFixed(1)} | ${at(sorted, 0.5)} | ${at(sorted, 0.99)} | ${at(sorted, 1)} | ${errors} |`;
}

const ids = await fillWithStudies(join(folder, 'own'), STUDIES);
const server = spawn(process.execPath, [process.env.RICERCAR_SERVER ?? 'build/index.js'], {
	env: {
		...process.env,
		HOST: '127.0.0.1',
		PORT: String(PORT),
		RICERCAR_DEMO: '',
		RICERCAR_DATA: folder,
		BODY_SIZE_LIMIT: '2100000'
	},
	stdio: ['ignore', 'ignore', 'inherit']
});
try {
	await answered(`${ADDRESS}/api/studies`);
	counted = performance.now() + 1000 * BEFORE;
	const end = counted + 1000 * SECONDS;
	const reader = async (): Promise<void> => {
		while (performance.now() < end) await read(ids);
	};
	await Promise.all([
		...Array.from({ length: READERS }, reader),
		...Array.from({ length: WRITERS }, (_, i) => write(end, i))
	]);
	console.log(
		`\n| ${READERS} readers, ${WRITERS} writers, ${STUDIES} studies, ${SECONDS} s after ${BEFORE} | requests | a second | median, ms | 99 %, ms | longest, ms | errors |`
	);
	console.log('| --- | ---: | ---: | ---: | ---: | ---: | ---: |');
	for (const [what, { ms, errors }] of [...times].sort()) console.log(row(what, ms, errors));
	const all = [...times.values()];
	console.log(
		row(
			'all',
			all.flatMap(({ ms }) => ms),
			all.reduce((sum, { errors }) => sum + errors, 0)
		)
	);
	for (const [why, often] of wrong) console.log(`${often} × ${why}`);
} finally {
	server.kill();
}
