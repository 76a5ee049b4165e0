import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { zipSync } from 'fflate';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { KIND_NAMES } from '../../src/lib/plates/kinds';
import { newPlate } from '../../src/lib/plates/new-plate';
import { newStudy } from '../../src/lib/study/new-study';
import { smallHandIn } from '../support/large-hand-in';
import { writeHandIn } from '../../src/lib/study/handed/hand-in-file';
import { seeded } from '../../src/lib/core/seeded';
import { begunFolder } from '../support/begun';
import { printOf } from '../support/largest-study';
import { started, stopped, type OwnServer } from '../support/server';
import { keep } from '../support/studies';
import { sharedBytesZip } from '../support/zip-bombs';
import { CAMPAIGN, noteFault } from './report';

const SEED = Number(process.env.RICERCAR_SEED ?? 29);
const next = seeded(SEED);
const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
const chance = (share: number): boolean => next() < share;

/** The addresses of routes and pages as their folders name them, with the methods that each has. */
function routesInFolder(): { path: string; methods: string[] }[] {
	const files = readdirSync('src/routes', { recursive: true, encoding: 'utf8' })
		.filter((file) => /\+(?:server\.ts|page\.svelte)$/.test(file))
		.map((file) => join('src/routes', file));
	const routes = files.map((file) => {
		const path = dirname(file).replace(/^src\/routes/, '') || '/';
		const methods = file.endsWith('.ts')
			? [...readFileSync(file, 'utf8').matchAll(/export const (GET|POST|PUT|DELETE)\b/g)].map(([, method]) => method!)
			: ['GET'];
		return { path, methods };
	});
	return routes.sort((a, b) => (a.path < b.path ? -1 : 1));
}

const NASTY = [
	'',
	'0',
	'\0',
	'%00',
	'../..',
	'a'.repeat(3000),
	'\ud800',
	'’',
	'-1',
	'1e999',
	'null',
	'[]',
	"';--",
	'𝄞',
	'%',
	'{}'
];
const NUMBERS = [0, -1, 1.5, 1e308, -0, 2 ** 53, 40_000, NaN];

function junk(depth = 0): unknown {
	const way = Math.floor(next() * (depth > 3 ? 5 : 7));
	if (way === 0) return one(NASTY);
	if (way === 1) return one(NUMBERS);
	if (way === 2) return one([true, false, null]);
	if (way === 3)
		return one(['#b3392b', 'oklch(0.5 1e150 30)', 'Madder', 'scales', 'study0000001', '2026-02-31', 'text\u0000more']);
	if (way === 4) return Array.from({ length: chance(0.1) ? 3000 : 2 }, () => one(NUMBERS));
	if (way === 5) return Array.from({ length: Math.floor(4 * next()) }, () => junk(depth + 1));
	return Object.fromEntries(
		Array.from({ length: Math.floor(4 * next()) }, () => [
			one(['id', 'kind', 'text', '__proto__', 'plates', 'x']),
			junk(depth + 1)
		])
	);
}

/** A copy with one thing in it changed, left out or put in. */
function changed(value: unknown): unknown {
	if (typeof value !== 'object' || value === null || chance(0.12)) return junk();
	if (Array.isArray(value)) {
		if (value.length === 0 || chance(0.1)) return [...(value as unknown[]), junk()];
		const at = Math.floor(next() * value.length);
		if (chance(0.1)) return value.filter((_, i) => i !== at);
		return value.map((each: unknown, i) => (i === at ? changed(each) : each));
	}
	const keys = Object.keys(value);
	const key = keys.length === 0 || chance(0.05) ? 'other' : one(keys);
	const { [key]: inner, ...rest } = value as Record<string, unknown>;
	return chance(0.08) ? rest : { ...rest, [key]: changed(inner) };
}

let server: OwnServer;
let ids: string[];
beforeAll(async () => {
	server = await started(await begunFolder(), { RICERCAR_DEMO: 'yes' });
	ids = [(await keep(server.url)).id, 'handinoffuzz', 'briefoftests', 'shippedcloth', 'nosuchthing0'];
	const { palettes } = (await (await fetch(`${server.url}/api/palettes`)).json()) as { palettes: { id: string }[] };
	ids.push(palettes[0]!.id);
});
afterAll(() => stopped(server, 'SIGTERM'));

const study = newStudy('Fuzzed', '');
const palette = { name: 'P', maker: '', tags: ['a'], colours: [{ name: 'Madder', text: '#b3392b' }] };
const given = { notes: [{ id: 'noteoffuzz00', plate: null, at: null, text: 'It leaps.' }], mark: 'good' };
const handIn: unknown = JSON.parse(writeHandIn(smallHandIn('handinoffuzz', 'Emil Strand')));
const page = { paper: 'a4', across: true };

/** What routes take, to be changed. */
const bodies = (): unknown[] => [
	{ document: { ...study, plates: [newPlate(one(KIND_NAMES), study)] } },
	{ revision: 1, saveId: 'save00000001', document: study },
	{ palette },
	{ revision: 1, palette },
	{ revision: 1, given, seen: true },
	{ revision: 0, groups: [] },
	{ title: 'Another' },
	{ maker: 'Ines Marlow' },
	{ before: null },
	{ ids: ids.slice(0, 2), title: 'All', notes: true, plate: null, page },
	{
		handIn: 'handinoffuzz',
		brief: { id: 'briefoftests', title: 'B' },
		maker: 'E',
		by: 'O',
		at: '2026-11-20T10:00:00.000Z',
		...given
	},
	printOf({ ...study, plates: [newPlate(one(KIND_NAMES), study)] }),
	{ plate: newPlate(one(KIND_NAMES), study), linked: study.linked, width: 200 },
	handIn
];

const ZIPS = [zipSync({ 'a.json': new Uint8Array(9) }), sharedBytesZip(20, 100_000)];

function bodyOf(): BodyInit {
	const way = next();
	if (way < 0.1) return new Uint8Array(Buffer.from(Array.from({ length: 200 }, () => Math.floor(256 * next()))));
	if (way < 0.15) return new Uint8Array(one(ZIPS));
	const text = JSON.stringify(
		way < 0.5 ? one(bodies()) : changed(chance(0.5) ? changed(one(bodies())) : one(bodies()))
	);
	return way < 0.93 ? text : text.slice(0, Math.floor(next() * text.length));
}

const QUERIES = [
	'words',
	'sort',
	'after',
	'of',
	'tag',
	'near',
	'most',
	'brief',
	'study',
	'maker',
	'as',
	'revision',
	'x'
];
/** Places in a list that are none, and days that no calendar has. */
const placeOf = (): string =>
	Buffer.from(
		JSON.stringify([one(['2026-02-31 00:00:00+00', '999999-01-01 00:00:00+00', '\0', 'infinity', 7]), one(NASTY)])
	).toString('base64url');

function requestFor({ path, methods }: { path: string; methods: string[] }): [string, RequestInit] {
	const filled = path.replace(
		/\[\w+\]/g,
		() => encodeURIComponent(Buffer.from(chance(0.7) ? one(ids) : one(NASTY)).toString()) || 'x'
	);
	const query = new URLSearchParams();
	for (let i = Math.floor(3 * next()); i > 0; i--)
		query.append(
			one(QUERIES),
			chance(0.3) ? placeOf() : chance(0.5) ? one(['changed', 'title', 'briefs', '#b3392b', '20']) : one(NASTY)
		);
	const method = chance(0.9) ? one(methods) : one(['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']);
	const type = chance(0.85)
		? 'application/json'
		: one(['text/plain', 'application/zip', 'multipart/form-data', 'application/x-www-form-urlencoded']);
	const headers: Record<string, string> = { 'content-type': type };
	if (chance(0.05)) headers['x-job'] = one(['a', '__proto__', 'x'.repeat(300)]);
	if (chance(0.05)) headers.cookie = 'ricercar_board=%00; a=b';
	if (chance(0.03)) headers.origin = one(['null', 'https://elsewhere.example', 'x']);
	const body = ['GET', 'HEAD'].includes(method) ? null : bodyOf();
	return [`${server.url}${filled}${query.size > 0 ? `?${query}` : ''}`, { method, headers, body, redirect: 'manual' }];
}

/** Seconds after which a request is taken for one that never ends. */
const HANGS = 60;
const AT_ONCE = 8;

it('whatever is asked of whatever route, nothing fails and nothing hangs', async () => {
	const routes = routesInFolder();
	expect(routes.length).toBeGreaterThan(25);
	const times = 1500 * CAMPAIGN;
	const failed: string[] = [];
	const answers = new Map<number, number>();
	let begun = 0;
	const worker = async (): Promise<void> => {
		while (begun < times) {
			const number = begun++;
			const [url, init] = requestFor(routes[number % routes.length]!);
			const tells = `${init.method} ${url.slice(server.url.length, 200)} ${typeof init.body === 'string' ? init.body.slice(0, 300) : ''}`;
			try {
				const response = await fetch(url, { ...init, signal: AbortSignal.timeout(1000 * HANGS) });
				await response.arrayBuffer();
				answers.set(response.status, (answers.get(response.status) ?? 0) + 1);
				if (response.status === 500) failed.push(tells);
			} catch (error) {
				failed.push(`${tells}: ${error instanceof Error ? `${error.message} ${String(error.cause)}` : String(error)}`);
			}
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, worker));
	expect(failed, `seed ${SEED}`).toEqual([]);
	expect(server.complaints()).not.toMatch(/failure [0-9a-f]/);
	expect((await fetch(`${server.url}/api/studies`)).status).toBe(200);
	// Some of it was taken, so that what lies behind the first look was reached too.
	expect(answers.get(200) ?? 0).toBeGreaterThan(times / 20);
	noteFault(`requests made up over ${routes.length} routes`, times, '0 failed, 0 hung');
});
