import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Drawing } from '$lib/drawing/drawing';
import { words } from '$lib/drawing/words';
import { sayUnit } from '$lib/study/say-unit';
import { runsOf } from './faces';
import { pagesToPdf } from './pdf';

/** The whole file. */
async function pdfOf(...args: Parameters<typeof pagesToPdf> extends [unknown, ...infer Rest] ? Rest : never) {
	const parts: Uint8Array[] = [];
	await pagesToPdf((part) => parts.push(part), ...args);
	return Buffer.concat(parts);
}

const STOPS = [
	{ at: 0, fill: '#b3392b' },
	{ at: 0.25, fill: '#d9b036' },
	{ at: 1, fill: '#2f5f86' }
];
const SAID = 'ΔE00 ← 3 → 5, Ünit ≥ 2, Жаба, λ, Łucja − ×';
const drawing: Drawing = {
	title: 'Printed',
	width: 792,
	height: 560,
	paper: '#ffffff',
	shapes: [
		{ kind: 'gradient', x: 0, y: 200, width: 792, height: 100, stops: STOPS },
		words(28, 60, SAID, { size: 14 }),
		words(28, 100, SAID, { size: 14, face: 'serif' })
	]
};
const print = (date = '2026-03-09') =>
	pdfOf(
		() => [{ drawing, says: () => 'A run of three dyes.', codes: ['Madder #b3392b'] }],
		1,
		{ title: 'Printed', maker: 'Ansa Quill', course: '', unit: 'Unit 2: greys', date },
		{ paper: 'a4', across: true }
	);

describe('a print', () => {
	let folder: string;
	let file: string;
	beforeAll(async () => {
		folder = mkdtempSync(join(tmpdir(), 'ricercar-print-'));
		file = join(folder, 'print.pdf');
		writeFileSync(file, await print());
	});
	afterAll(() => rmSync(folder, { recursive: true }));

	it('is the same file each time it is made, dated by the study', async () => {
		const [one, other] = [await print(), await print()];
		expect(Buffer.from(one).equals(Buffer.from(other))).toBe(true);
		expect(execFileSync('pdfinfo', ['-isodates', file]).toString()).toMatch(/CreationDate:\s+2026-03-09T00:00:00Z/);
		expect(Buffer.from(await print('2026-03-10')).equals(Buffer.from(one))).toBe(false);
	});

	it('has every letter: arrows, Δ, Greek, Cyrillic and further Latin, in both faces, each in a font that has it', () => {
		const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
		for (const word of SAID.split(' ')) expect(text.split(word).length - 1, word).toBeGreaterThanOrEqual(2);
		expect(runsOf('ΔE00 ←', 'serif').map(({ font }) => font)).toEqual(['greek', 'serif', 'signs']);
	});

	it('prints a reflection after the plates, each word and paragraph of it, on as many pages as it takes', async () => {
		const paragraphs = Array.from({ length: 90 }, (_, i) => `Paragraph ${i}: the ${'cloth '.repeat(30)}kept quiet.`);
		writeFileSync(
			join(folder, 'written.pdf'),
			await pdfOf(
				() => [{ drawing, says: () => 'A run of three dyes.', codes: ['Madder #b3392b'] }],
				1,
				{ title: 'Printed', maker: '', course: '', unit: '', date: '2026-03-09' },
				{ paper: 'a4', across: true },
				paragraphs.join('\n\n')
			)
		);
		const text = execFileSync('pdftotext', [join(folder, 'written.pdf'), '-']).toString();
		const said = text.replace(/\s+/g, ' ');
		paragraphs.forEach((_, i) => expect(said).toContain(`Paragraph ${i}: the cloth`));
		expect(said.split('quiet.').length - 1).toBe(90);
		const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [join(folder, 'written.pdf')]).toString())![1]);
		expect(pages).toBeGreaterThan(5);
		expect(said).toContain(`1 of ${pages}`);
		expect(said).toContain(`${pages} of ${pages}`);
		// Without one there is nothing but the plate.
		expect(execFileSync('pdfinfo', [file]).toString()).toMatch(/Pages:\s+1\n/);
	});

	it('is tagged: read to somebody, each plate is a figure with what it shows, before the title block with its codes (ISO 32000-1 §14.8)', () => {
		const info = execFileSync('pdfinfo', [file]).toString();
		expect(info).toMatch(/Tagged:\s+yes/);
		const read = execFileSync('pdfinfo', ['-struct-text', file]).toString();
		expect(read.split('\n').map((each) => each.trim().split(' ')[0])).toEqual(
			expect.arrayContaining(['Document', 'Figure', 'P'])
		);
		expect(readFileSync(file, 'latin1')).toContain('/Alt (Printed. A run of three dyes.)');
		expect(read.indexOf('Ansa Quill')).toBeGreaterThan(read.indexOf('Figure'));
		expect(read.indexOf('Madder #b3392b')).toBeGreaterThan(read.indexOf('Ansa Quill'));
	});

	it('says the unit once, whether somebody wrote the word or only its number', () => {
		const text = execFileSync('pdftotext', [file, '-']).toString();
		expect(text).toContain('Unit 2: greys');
		expect(text).not.toContain('Unit Unit');
		expect([sayUnit('2'), sayUnit('unit 2'), sayUnit(''), sayUnit('United threads')]).toEqual([
			'Unit 2',
			'unit 2',
			'',
			'Unit United threads'
		]);
	});

	it('has the unbroken gradation as a true gradient: the colours of its stops, and between two of them their middle (ISO 32000-1 §8.7.4.5.3)', async () => {
		execFileSync('pdftoppm', ['-r', '144', '-singlefile', '-png', file, join(folder, 'page')]);
		const { data, info } = await sharp(join(folder, 'page.png'))
			.removeAlpha()
			.raw()
			.toBuffer({ resolveWithObject: true });
		const rows = Array.from({ length: info.height }, (_, y) => y);
		const at = (x: number, y: number) => [0, 1, 2].map((c) => data[(y * info.width + x) * 3 + c]!);
		// The first row of the page in which red madder stands at the left of the gradient.
		const y =
			rows.find((row) =>
				Array.from({ length: info.width }, (_, x) => at(x, row)).some(([r, g, b]) => r === 179 && g! < 62 && b! < 48)
			)! + 20;
		const inked = Array.from({ length: info.width }, (_, x) => x).filter((x) =>
			at(x, y).some((channel) => channel < 250)
		);
		const [left, right] = [inked[0]!, inked.at(-1)!];
		const near = (share: number, code: string) => {
			const seen = at(Math.round(left + (right - left) * share), y);
			[1, 3, 5].forEach((from, c) =>
				expect(Math.abs(seen[c]! - parseInt(code.slice(from, from + 2), 16)), `${share}`).toBeLessThan(4)
			);
		};
		near(0.001, '#b3392b');
		near(0.125, '#c67531');
		near(0.25, '#d9b036');
		near(0.625, '#84885e');
		near(0.999, '#2f5f86');
	});
});
