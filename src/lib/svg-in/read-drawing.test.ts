import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/core/problem';
import { drawnSchema } from '$lib/model/drawn';
import { MOST_SHAPES } from './shapes';
import { readDrawing } from './read-drawing';

const svg = (content: string, attributes = ''): string =>
	`<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 100 100" ${attributes}>${content}</svg>`;
const rings = (path: string): [number, number][][] =>
	path
		.split('z')
		.filter(Boolean)
		.map((part) =>
			part
				.slice(1)
				.split('L')
				.map((corner) => corner.split(' ').map(Number) as [number, number])
		);
const areaOf = (path: string): number =>
	rings(path).reduce(
		(sum, ring) =>
			sum +
			ring.reduce(
				(own, [x, y], i) => own + (x * ring[(i + 1) % ring.length]![1] - ring[(i + 1) % ring.length]![0] * y) / 2,
				0
			),
		0
	);
const total = (regions: readonly string[]): number => regions.reduce((sum, region) => sum + areaOf(region), 0);
const refused = (file: string): Problem => {
	try {
		readDrawing(file);
	} catch (error) {
		if (error instanceof Problem) return error;
		throw error;
	}
	throw new Error('It was taken.');
};

describe('reading a drawing', () => {
	it('two squares that cross are three regions, which together cover what they cover', () => {
		const { regions, width, height } = readDrawing(
			svg('<rect width="60" height="60"/><rect x="40" y="40" width="60" height="60"/>')
		);
		expect([width, height]).toEqual([1000, 1000]);
		expect(
			regions
				.map(areaOf)
				.sort((a, b) => a - b)
				.map(Math.round)
		).toEqual([40_000, 320_000, 320_000]);
	});

	it('a circle: its area is π r² (within what bends may lie off)', () => {
		const { regions } = readDrawing(svg('<circle cx="50" cy="50" r="50"/>'));
		expect(regions).toHaveLength(1);
		expect(total(regions) / (Math.PI * 500 * 500)).toBeGreaterThan(0.9997);
		expect(total(regions) / (Math.PI * 500 * 500)).toBeLessThanOrEqual(1 + 1e-6);
	});

	it('even-odd and non-zero: a star has a hole in its middle, or none', () => {
		const star = 'M50 5L77 90L3 38L97 38L23 90z';
		const evenOdd = readDrawing(svg(`<path fill-rule="evenodd" d="${star}"/>`)).regions;
		const nonZero = readDrawing(svg(`<path d="${star}"/>`)).regions;
		expect(nonZero).toHaveLength(1);
		expect(evenOdd).toHaveLength(5);
		expect(total(evenOdd)).toBeLessThan(total(nonZero));
	});

	it('a ring is one region with a hole, and what lies in the hole another', () => {
		const { regions } = readDrawing(
			svg('<path fill-rule="evenodd" d="M0 0H100V100H0zM20 20H80V80H20z"/><rect x="40" y="40" width="20" height="20"/>')
		);
		expect(regions.map((region) => rings(region).length).sort()).toEqual([1, 2]);
		expect(
			regions
				.map(areaOf)
				.map(Math.round)
				.sort((a, b) => a - b)
		).toEqual([40_000, 640_000]);
	});

	it('regions that touch have each other’s corners on their edges', () => {
		const { regions } = readDrawing(svg('<rect width="100" height="50"/><rect x="30" y="50" width="20" height="50"/>'));
		const upper = regions.find((region) => areaOf(region) > 400_000)!;
		expect(rings(upper)[0]).toEqual(
			expect.arrayContaining([
				[300, 500],
				[500, 500]
			])
		);
	});

	it('lines, text, pictures, scripts and links to elsewhere are left out, and counted in words', () => {
		const { regions, left } = readDrawing(
			svg(`<script>alert(1)</script><text>Woad</text><text>Weld</text><image href="x.png"/>
				<path fill="none" d="M0 0L50 50L90 10"/><use href="http://elsewhere.example/a.svg#b"/><use href="#none"/>
				<foreignObject><div xmlns="http://www.w3.org/1999/xhtml"/></foreignObject><rect width="10" height="10"/>`)
		);
		expect(regions).toHaveLength(1);
		expect(left).toEqual([
			'1 script',
			'2 texts',
			'1 picture',
			'1 link to elsewhere',
			'1 link to nothing',
			'1 foreign part',
			'1 open line'
		]);
	});

	it('styles: what is hidden is left out; classes, ids and style attributes say how it is filled', () => {
		const { regions } = readDrawing(
			svg(`<style>/* ours */ .gone, #away { display: none } .star{fill-rule:evenodd}</style>
				<rect class="gone" width="9" height="9"/><rect id="away" width="9" height="9"/>
				<g style="display:none"><rect width="99" height="99"/></g>
				<path class="star" d="M50 5L77 90L3 38L97 38L23 90z"/>`)
		);
		expect(regions).toHaveLength(5);
	});

	it('parts that are used stand where they are used', () => {
		const { regions } = readDrawing(
			svg(
				'<defs><g id="two"><rect width="10" height="10"/><rect x="20" width="10" height="10"/></g></defs><use href="#two"/><use xlink:href="#two" y="30"/>'
			)
		);
		expect(regions).toHaveLength(4);
	});
});

describe('hostile drawings', () => {
	const HOSTILE = {
		'no SVG': ['<html><body/></html>', 'The file is <html> and no SVG.'],
		'nothing at all': ['', 'not well-formed'],
		'not closed': ['<svg><g>', 'not well-formed'],
		'entities of its own': ['<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><svg>&b;</svg>', 'entities'],
		'an entity that is none': [svg('<rect width="1" height="1"/>&lol;'), 'not well-formed'],
		'only text': [svg('<text>Woad</text>'), 'no closed shapes'],
		'only numbers that are none': [svg('<path d="M0 0LNaN 5L9e999 9z"/>'), 'no closed shapes']
	} as const;
	it.each(Object.entries(HOSTILE))('%s is refused, with what would be right', (_, [file, words]) => {
		const problem = refused(file);
		expect(problem.message).toContain(words);
		expect(problem.expected.length).toBeGreaterThan(5);
	});

	it('parts that use themselves, straight or round about, come to an end', () => {
		expect(refused(svg('<g id="a"><use href="#a"/><rect width="1" height="1"/></g>')).message).toContain(
			'use each other'
		);
		expect(refused(svg('<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>')).message).toContain(
			'use each other'
		);
	});

	it('uses that double ten times over are refused before they fill the memory', () => {
		const levels = Array.from(
			{ length: 8 },
			(_, i) => `<g id="l${i + 1}">${`<use href="#l${i}"/>`.repeat(10)}</g>`
		).join('');
		expect(refused(svg(`<defs><rect id="l0" width="1" height="1"/>${levels}</defs><use href="#l8"/>`)).message).toMatch(
			/shapes|use each other/
		);
	});

	it('100 000 paths, groups a thousand deep and a very long file are refused at once', () => {
		expect(refused(svg('<path d="M0 0h1v1z"/>'.repeat(100_000))).message).toContain('more than 40000 elements');
		expect(refused(svg('<rect width="1" height="1"/>'.repeat(MOST_SHAPES + 1))).message).toContain(
			`more than ${MOST_SHAPES} shapes`
		);
		expect(refused(svg('<g>'.repeat(1000) + '</g>'.repeat(1000))).message).toContain('deep');
		expect(refused(svg(' '.repeat(5_000_001))).message).toContain('too long');
	});

	it('a path of a hundred thousand corners is read or refused in words, and not by a fall', () => {
		const corners = Array.from(
			{ length: 100_000 },
			(_, i) => `${50 + 40 * Math.cos(i)} ${50 + 40 * Math.sin(i * 1.1)}`
		);
		const { regions } = readDrawing(svg(`<rect width="90" height="90"/><path fill="none" d="M${corners.join('L')}"/>`));
		expect(regions).toHaveLength(1);
	});

	it('what is taken is always a drawing that can be kept', () => {
		const files = [
			svg('<rect width="1e-9" height="5"/><circle cx="1e3" cy="-1e3" r="3"/><path d="M0 0L10 0L10 10L0 10"/>'),
			svg('<g transform="scale(0)"><rect width="5" height="5"/></g><rect width="5" height="5"/>'),
			svg('<polygon points="0,0 10,0 5,junk 10,10"/><rect width="5" height="5" transform="rotate(45) skewX(20)"/>')
		];
		for (const file of files) {
			const { width, height, regions } = readDrawing(file);
			expect(drawnSchema.safeParse({ name: 'A drawing', width, height, regions }).success).toBe(true);
		}
	});
});
