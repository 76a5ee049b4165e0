import { describe, expect, it } from 'vitest';
import { growth, MOST_GROWTH } from '../../../../tests/support/growth';
import { writtenBlocks } from './written';

const told = (text: string) =>
	writtenBlocks(text).map(({ kind, depth, mark, spans }) => {
		const words = spans
			.map(({ text: own, strong, emphasis }) => (strong ? `<${own}>` : emphasis ? `/${own}/` : own))
			.join('');
		return `${kind} ${depth} ${mark}${mark ? ' ' : ''}${words}`;
	});

describe('the text of a brief (CommonMark 0.31.2; examples by their numbers there)', () => {
	it('headings, example 62 and 80', () => {
		expect(told('# foo\n## foo\n### foo')).toEqual(['heading 0 foo', 'heading 1 foo', 'heading 2 foo']);
		expect(told('Foo *bar*\n=========')).toEqual(['heading 0 Foo /bar/']);
	});

	it('lists, numbered and not, within each other: examples 301, 306, 325', () => {
		expect(told('- foo\n- bar\n+ baz')).toEqual(['item 0 • foo', 'item 0 • bar', 'item 0 • baz']);
		expect(told('1. foo\n2. bar')).toEqual(['item 0 1. foo', 'item 0 2. bar']);
		expect(told('* foo\n  * bar\n\n  baz')).toEqual(['item 0 • foo', 'item 1 • bar', 'paragraph 0 baz']);
	});

	it('emphasis and strong emphasis: examples 350, 378, and an ordinary word with an underscore, 360', () => {
		expect(told('*foo bar*')).toEqual(['paragraph 0 /foo bar/']);
		expect(told('**foo bar**')).toEqual(['paragraph 0 <foo bar>']);
		expect(told('foo_bar_baz')).toEqual(['paragraph 0 foo_bar_baz']);
	});

	it('nothing is fetched and nothing run: a picture is its words, a link its address, HTML its text', () => {
		expect(told('![a loom](http://elsewhere.example/loom.png)')).toEqual(['paragraph 0 a loom']);
		expect(told('[looms](http://elsewhere.example)')).toEqual(['paragraph 0 looms (http://elsewhere.example)']);
		expect(told('a <b onclick="x()">word</b>')).toEqual(['paragraph 0 a <b onclick="x()">word</b>']);
		expect(told('<script>alert(1)</script>')).toEqual(['paragraph 0 <script>alert(1)</script>']);
	});

	it('a text nested beyond reading is read line by line', () => {
		const deep = `${'> '.repeat(5000)}woven`;
		expect(told(deep)).toEqual([`paragraph 0 ${deep}`]);
		expect(told('')).toEqual([]);
	});

	// As adversarial as its signs allow: openings without ends, ends without openings, each to the longest text that a brief may have.
	const PARTS = [
		'_*',
		'*_',
		'**a *',
		'[',
		'![',
		'[a](',
		'![[](',
		'*[a](_',
		'`',
		'``a ',
		'<a ',
		'<!--',
		'&',
		'\\',
		'[a]: b\n',
		'=\n',
		'- a\n',
		'1. ',
		'a\n',
		'**a_',
		'[a][b',
		'](',
		'\t'
	];
	it.each(PARTS)('%j over and over is read in a moment', (part) => {
		const text = part.repeat(Math.ceil(12_000 / part.length)).slice(0, 12_000);
		// 160 ms at the worst alone on a machine; what takes the square of the text takes seconds.
		expect(growth(writtenBlocks, text, 500)).toBeLessThan(MOST_GROWTH);
	});

	it('a text with very many links is read line by line, and none of it is lost', () => {
		expect(told('[a](b) '.repeat(20))).toHaveLength(1);
		expect(told('[a](b) '.repeat(300))).toEqual([`paragraph 0 ${'[a](b) '.repeat(300)}`]);
	});
});
