import { browser } from './look.tmp.mjs';
const what = process.argv[2];
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const LINKED = ['#e9dcc0', '#d9b036', '#b3392b', '#5d7f45', '#2f5f86', '#3c3a3f'].map((text, i) => ({ id: `linked0000${i}`, name: `Colour ${i + 1}`, text }));
const even = Array.from({ length: 60 }, () => 1);
const n = what === 'dial' ? 1920 : 3600;
const plate = { id: 'plate00000001', kind: 'pattern', title: 'x', titledBy: 'machine', grid: what === 'dial' ? { kind: 'square', columns: 60, stretched: true, bands: { across: [1], down: [1] } } : what==='tri' ? { kind: 'triangle-level', columns: 44, stretched: true, bands: { across: [1], down: [1] } } : { kind: 'bands', columns: 10, stretched: true, bands: { across: even, down: even } },
 colours: LINKED.map(({ id }, i) => ({ id: `colour0000${i}`, source: { linked: id } })), cells: Array.from({ length: n }, (_, i) => 'ABCDEF'[(i * 7919 >> 3) % (what === 'dial' ? 6 : 2)]).join(''),
 symmetry: { across: 0, down: 0, mirror: 'none', turns: 1 }, boxes: { light: 0, apart: false }, seed: 1, line: true, taken: 'joined', checks: [], shows: 'design', climates: [], exchanged: false };
const document = { titleBlock: { title: 'P', maker: '', course: '', unit: '', date: '' }, linked: LINKED, plates: [plate] };
const r = await fetch('http://127.0.0.1:4701/api/studies', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ document }) });
const j = await r.json(); if (!j.id) { console.log(j); process.exit(1); }
await page.goto('http://127.0.0.1:4701/studies/' + j.id); await page.waitForSelector('[data-cells]'); await page.waitForTimeout(2500);
const s = await page.context().newCDPSession(page);
await s.send('Profiler.enable'); await s.send('Profiler.setSamplingInterval', { interval: 200 });
let start, place;
if (what === 'dial') { await page.getByRole('radio', { name: /^1, / }).click(); const b = await page.getByRole('slider', { name: 'Hue' }).boundingBox(); start = [b.x + 20, b.y + b.height / 2]; place = (t) => [b.x + 20 + (t * 7) % (b.width - 40), b.y + b.height / 2]; }
else { const b = await page.locator('[data-cells]').boundingBox(); place = (t) => [b.x + 8 + (t * 7.3) % (b.width - 16), b.y + 8 + (t * 3.1) % (b.height - 16)]; start = place(0); }
await page.mouse.move(...start); await page.mouse.down();
await s.send('Profiler.start');
for (let t = 0; t < 150; t++) { await page.mouse.move(...place(t)); await page.evaluate(() => new Promise((d) => requestAnimationFrame(() => setTimeout(d)))); }
const { profile } = await s.send('Profiler.stop');
const self = new Map(); const byId = new Map(profile.nodes.map((x) => [x.id, x]));
profile.samples.forEach((id, i) => { const f = byId.get(id).callFrame; const k = `${f.functionName || 'anon'} ${f.url.split('/').pop()}:${f.lineNumber}`; self.set(k, (self.get(k) ?? 0) + profile.timeDeltas[i]); });
const parent = new Map(); for (const x of profile.nodes) for (const c of x.children ?? []) parent.set(c, x.id);
const total = new Map();
profile.samples.forEach((id, i) => { const seen = new Set(); for (let n = id; n; n = parent.get(n)) { const f = byId.get(n).callFrame; const k = `${f.functionName || 'anon'} ${f.url.split('/').pop()}:${f.lineNumber}`; if (seen.has(k)) continue; seen.add(k); total.set(k, (total.get(k) ?? 0) + profile.timeDeltas[i]); } });
const show = (m, n) => [...m].sort((a, b) => b[1] - a[1]).slice(0, n).forEach(([k, v]) => console.log((v / 1000 / 150).toFixed(2), k));
console.log('SELF'); show(self, 25); console.log('TOTAL'); show(total, 60);
await browser.close();
