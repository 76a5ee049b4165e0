import { type APIResponse } from '@playwright/test';
import { newStudy } from '../src/lib/study/new-study';
import { scalesPlateOf } from '../tests/support/plates';
import { expect, test } from './test';

const document = newStudy('Routes', '2026-03-02');
const plate = scalesPlateOf(document);

async function problem(
	response: APIResponse,
	status: number
): Promise<{ code: string; title: string; detail: string }> {
	expect(response.status()).toBe(status);
	expect(response.headers()['content-type']).toContain('application/problem+json');
	const text = await response.text();
	expect(text).not.toMatch(/\.(js|ts|svelte):\d+|node_modules/);
	return JSON.parse(text) as { code: string; title: string; detail: string };
}

test('what is not as expected is refused with its place and what would be right', async ({ request }) => {
	const bad = { ...document, plates: [{ ...plate, scales: [{ ...plate.scales[0]!, between: 49 }] }] };
	const answer = await problem(await request.post('/api/studies', { data: { document: bad } }), 422);
	expect(answer.detail).toContain('document › plates › 0 › scales › 0 › between');
	const colour = { ...document, linked: [{ ...document.linked[0]!, text: 'oklch(0.5 0.1' }] };
	expect((await problem(await request.post('/api/studies', { data: { document: colour } }), 422)).detail).toContain(
		'Expected'
	);
	const loose = { ...document, linked: [] };
	expect((await problem(await request.post('/api/studies', { data: { document: loose } }), 422)).detail).toContain(
		'a linked colour that the study has'
	);
	const twice = { ...document, plates: [plate, plate] };
	expect((await problem(await request.post('/api/studies', { data: { document: twice } }), 422)).detail).toContain(
		'a different id'
	);
});

test('no JSON, broken JSON, too much, and unknown studies have answers of their own', async ({ request }) => {
	const put = (data: string, type = 'application/json') =>
		request.post('/api/studies', { headers: { 'content-type': type }, data: Buffer.from(data) });
	expect((await problem(await put('{'), 400)).code).toBe('not-json');
	expect((await problem(await put('{}', 'application/xml'), 415)).code).toBe('not-json');
	expect((await problem(await put(`{"x":"${'a'.repeat(2_200_000)}"}`), 413)).code).toBe('too-large');
	expect((await problem(await request.get('/api/studies/nosuchstudy'), 404)).code).toBe('no-such-study');
	expect((await problem(await request.get('/api/studies/..%2f..%2fetc'), 404)).code).toBe('no-such-study');
	expect((await problem(await request.delete('/api/studies/nosuchstudy'), 404)).code).toBe('no-such-study');
	expect((await problem(await request.post('/api/studies/nosuchstudy/duplicate', { data: {} }), 404)).code).toBe(
		'no-such-study'
	);
	expect((await problem(await request.post('/api/studies/nosuchstudy/restore'), 404)).code).toBe('no-such-study');
	expect((await problem(await request.get('/api/studies/nosuchstudy/picture.svg'), 404)).code).toBe('no-such-study');
});

test('a write from another site and a call under another name are refused', async ({ request, server }) => {
	const elsewhere = await request.post('/api/studies', {
		headers: { origin: 'http://elsewhere.example' },
		data: { document }
	});
	expect((await problem(elsewhere, 403)).code).toBe('other-origin');
	// The same name by another protocol is another site: we speak plain HTTP.
	const secure = await request.post('/api/studies', {
		headers: { origin: server.url.replace('http:', 'https:') },
		data: { document }
	});
	expect((await problem(secure, 403)).code).toBe('other-origin');
	const own = await request.post('/api/studies', { headers: { origin: server.url }, data: { document } });
	expect(own.status()).toBe(201);
	const renamed = await request.get('/api/studies', { headers: { host: 'elsewhere.example' } });
	expect((await problem(renamed, 421)).code).toBe('other-host');
});

test('odd questions to the list are answered as the plain list', async ({ request }) => {
	for (const query of ['?most=-5', '?sort=drop%20table', "?words=';--"]) {
		const response = await request.get(`/api/studies${query}`);
		expect(response.status(), query).toBe(200);
	}
});

test('what no list can answer is refused in words, and never by a bare 500', async ({ request }) => {
	for (const path of [
		'studies?words=%00',
		`studies?words=${'x'.repeat(500)}`,
		'studies?after=nowhere',
		'palettes?words=%00',
		'palettes?near=nothing',
		'palettes?tag=%07'
	])
		expect((await problem(await request.get(`/api/${path}`), 400)).code, path).toBe('not-as-expected');
	const page = await request.get('/?words=%00');
	expect(page.status()).toBe(400);
	expect(await page.text()).toContain('words without control characters');
	const { id } = (await (await request.post('/api/studies', { data: { document } })).json()) as { id: string };
	for (const revision of [2 ** 31, 2 ** 53, -1, 1.5, 1e300]) {
		const save = await request.put(`/api/studies/${id}`, { data: { revision, saveId: 'save00000001', document } });
		expect((await problem(save, 422)).detail, String(revision)).toContain('revision');
	}
});

test('every answer says how it may be used: pages, routes, pictures, files and refusals', async ({ request }) => {
	const { id } = (await (await request.post('/api/studies', { data: { document } })).json()) as { id: string };
	const expected: readonly [string, Readonly<Record<string, string | RegExp>>][] = [
		[
			'/',
			{
				'content-type': 'text/html; charset=utf-8',
				'cache-control': 'no-store',
				'content-security-policy': /script-src/
			}
		],
		[`/studies/${id}`, { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' }],
		['/api/studies', { 'cache-control': 'no-store', 'content-security-policy': /default-src 'none'/ }],
		[`/api/studies/${id}`, { 'cache-control': 'no-store' }],
		[
			`/api/studies/${id}/picture.svg?revision=1`,
			{ 'cache-control': /immutable/, 'content-security-policy': /default-src 'none'/ }
		],
		['/api/studies/nosuchstudy', { 'cache-control': 'no-store', 'content-security-policy': /default-src 'none'/ }],
		['/icon.svg', {}]
	];
	for (const [path, headers] of expected) {
		const response = await request.get(path);
		for (const [name, value] of Object.entries({
			...headers,
			'x-content-type-options': 'nosniff',
			'referrer-policy': 'no-referrer'
		}))
			expect(response.headers()[name], `${path}: ${name}`).toMatch(
				typeof value === 'string' ? new RegExp(`^${value}$`) : value
			);
		const renamed = await request.get(path, { headers: { host: 'elsewhere.example' } });
		expect((await problem(renamed, 421)).code, path).toBe('other-host');
		expect(renamed.headers()['x-content-type-options'], path).toBe('nosniff');
	}
});

test('pages and lists travel compressed', async ({ request }) => {
	for (const path of ['/', '/api/studies', '/api/palettes']) {
		const response = await request.get(path, { headers: { 'accept-encoding': 'gzip' } });
		expect(response.headers()['content-encoding'], path).toBe('gzip');
	}
});

test('a body that is too large is answered in words, not by a broken connection', async ({ server }) => {
	for (const length of [2_200_000, 9_000_000]) {
		const response = await fetch(`${server.url}/api/studies`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: `"${'x'.repeat(length)}"`
		});
		expect(response.status).toBe(413);
		expect(await response.json()).toMatchObject({ code: 'too-large', detail: 'A study may take 2 megabytes.' });
	}
});

test('a picture is made to size and refused outside its limits', async ({ request }) => {
	const picture = await request.post('/api/pictures', { data: { plate, linked: document.linked, width: 200 } });
	expect(picture.headers()['content-type']).toBe('image/png');
	expect((await picture.body()).subarray(1, 4).toString()).toBe('PNG');
	const wide = await request.post('/api/pictures', { data: { plate, linked: document.linked, width: 40_000 } });
	expect((await problem(wide, 422)).detail).toContain('width');
	const unlinked = await request.post('/api/pictures', { data: { plate, linked: [], width: 400 } });
	expect((await problem(unlinked, 422)).detail).toContain('linked colours');
});

test('pages are made of plates that come with their colours, and refused without any, or on paper unknown', async ({
	request
}) => {
	const asked = {
		titleBlock: document.titleBlock,
		plates: [plate],
		linked: document.linked,
		page: { paper: 'a4', across: true }
	};
	const pdf = await request.post('/api/print', { data: asked });
	expect(pdf.headers()['content-type']).toBe('application/pdf');
	expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
	const none = await request.post('/api/print', { data: { ...asked, plates: [] } });
	expect((await problem(none, 422)).detail).toContain('plates');
	const paper = await request.post('/api/print', { data: { ...asked, page: { paper: 'a1', across: true } } });
	expect((await problem(paper, 422)).detail).toContain('paper');
	const unlinked = await request.post('/api/print', { data: { ...asked, linked: [] } });
	expect((await problem(unlinked, 422)).detail).toContain('linked colours');
});

test('a study whose first plate follows another has its picture in the list', async ({ request }) => {
	const scales = { ...plate, id: 'followed00001' };
	const place = `${scales.scales[0]!.id} 0.0000`;
	const follows = { ...plate, id: 'follower00001', ground: { text: '#b3392b', follows: { plate: scales.id, place } } };
	const fresh = {
		...follows,
		scales: plate.scales.map((scale, i) => ({ ...scale, id: `another0000${i}` })),
		checks: []
	};
	const data = { document: { ...document, plates: [fresh, { ...scales, checks: [] }] } };
	const made = await request.post('/api/studies', { data });
	expect(made.status(), await made.text()).toBe(201);
	const { id } = (await made.json()) as { id: string };
	expect((await request.get(`/api/studies/${id}/picture.svg`)).status()).toBe(200);
});
test('what people wrote is shown as text and never run', async ({ page, request }) => {
	const title = '<img src=x onerror="document.title=1"><script>document.title=2</script>';
	const named = { ...newStudy(title.slice(0, 120), ''), plates: [{ ...plate, title: title.slice(0, 120) }] };
	const made = (await (
		await request.post('/api/studies', { data: { document: { ...named, linked: document.linked } } })
	).json()) as { id: string };
	await page.goto(`/studies/${made.id}`);
	await expect(page.getByRole('navigation', { name: 'Where you are' })).toContainText('<img src=x');
	const svg = await request.get(`/api/studies/${made.id}/picture.svg`);
	expect(await svg.text()).not.toContain('<script');
	expect(await page.title()).toContain('<img');
});
