import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Problem } from '../problem';
import { readJson, USUAL_LIMITS } from './read-json';

const EXPECTED = 'a list';
const read = (text: string): unknown => readJson(text, EXPECTED);

describe('JSON within limits', () => {
	it('is what the language itself reads, or refused in our words where it refuses', () => {
		fc.assert(fc.property(fc.json(), (text) => void expect(read(text)).toEqual(JSON.parse(text))));
		for (const text of ['', '{', '[1,]', '"\\', '"', "{'a':1}"]) expect(() => read(text)).toThrow(Problem);
	});
	it('is refused where its parts stand too deep, and read one level less deep', () => {
		const nested = (depth: number): string => '['.repeat(depth) + ']'.repeat(depth);
		expect(() => read(nested(USUAL_LIMITS.deepest + 1))).toThrow('too deep');
		expect(read(nested(USUAL_LIMITS.deepest))).toEqual(JSON.parse(nested(USUAL_LIMITS.deepest)));
	});
	it('is refused where it has too many values, or too many different names', () => {
		expect(() => read(`[${'0,'.repeat(USUAL_LIMITS.values)}0]`)).toThrow('too many values');
		const names = (count: number): string => `{${Array.from({ length: count }, (_, i) => `"n${i}" : 0`).join(',')}}`;
		expect(() => read(names(USUAL_LIMITS.names + 1))).toThrow('different names');
		expect(Object.keys(read(names(USUAL_LIMITS.names)) as object)).toHaveLength(USUAL_LIMITS.names);
	});
	it('takes brackets, commas and colons inside of texts for what they are', () => {
		const text = JSON.stringify({ a: '[[[[,,,,{{":":"\\"'.repeat(50_000), 'b"[': '\\' });
		expect(read(text)).toEqual(JSON.parse(text));
	});
});
