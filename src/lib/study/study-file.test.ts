import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { Problem } from '$lib/core/problem';
import { newStudy } from './new-study';
import { pageSize } from './print';
import { LONGEST_OURS, readOurs } from './our-file';
import { readStudyFile, writeStudyFile } from './study-file';
import { largestStudy } from '../../../tests/support/largest-study';
import { scalesPlateOf } from '../../../tests/support/plates';

const study = newStudy('Filed', '2026-11-23');
const refused = (text: string): string => {
	try {
		readStudyFile(text);
	} catch (error) {
		if (error instanceof Problem) return error.message;
		throw error;
	}
	throw new Error('nothing was refused');
};

describe('a study as a file', () => {
	it('comes back as it was', () => expect(readStudyFile(writeStudyFile(study))).toEqual(study));

	it('of the largest study that can be saved is read in again', () => {
		const large = largestStudy(60);
		const text = writeStudyFile(large);
		expect(text.length).toBeGreaterThan(1_000_000);
		expect(readStudyFile(text)).toEqual(large);
		// The line breaks and tabs make a document at most so many times as long.
		const shortest = JSON.stringify({ ...large, plates: large.plates.slice(0, 3) }).length;
		const longest = writeStudyFile({ ...large, plates: large.plates.slice(0, 3) }).length;
		expect((longest / shortest) * 2_000_000).toBeLessThan(LONGEST_OURS);
	});

	it('of a newer version is refused with both numbers', () => {
		const newer = JSON.stringify({ format: 'ricercar study', version: 7, document: {}, more: 1 });
		expect(refused(newer)).toBe(
			'It was made by a newer version of Ricercar: it has format 7, this version reads formats up to 5.'
		);
	});

	it('is refused with the place where something is wrong, and nothing is half-read', () => {
		expect(refused('{')).toContain('not JSON');
		expect(refused('{"format":"ricercar study","version":"two"}')).toContain('version');
		const bad = structuredClone(study);
		scalesPlateOf(bad).scales[0]!.between = 500;
		expect(refused(writeStudyFile(bad))).toContain('plates › 0 › scales › 0 › between');
		const lost = structuredClone(study);
		scalesPlateOf(lost).checks = [{ id: 'check00001', scale: 'nosuchscale1', rule: { rule: 'not-pure' } }];
		expect(refused(writeStudyFile(lost))).toContain('a check of a scale that its plate has');
		expect(refused('x'.repeat(LONGEST_OURS + 1))).toContain('characters');
	});
});

describe('a format of ours', () => {
	const LOOM = {
		format: 'ricercar loom',
		version: 3,
		field: 'loom',
		schema: z.strictObject({ threads: z.int(), width: z.int() }),
		expected: 'a loom',
		bringOver: {
			1: (content: unknown) => ({ threads: content }),
			2: (content: unknown) => ({ ...(content as object), width: 80 })
		}
	} as const;
	const written = (version: number, loom: unknown) => JSON.stringify({ format: 'ricercar loom', version, loom });

	it('brings what an earlier version wrote over, version by version', () => {
		for (const text of [written(1, 40), written(2, { threads: 40 }), written(3, { threads: 40, width: 80 })])
			expect(readOurs(text, LOOM)).toEqual({ threads: 40, width: 80 });
		expect(() => readOurs(written(2, { threads: 'many' }), LOOM)).toThrow(/loom › threads/);
	});
});

describe('pages', () => {
	it('A4 is 210 by 297 mm (ISO 216), Letter 8.5 by 11 inches (ANSI/ASME Y14.1), in points of 1/72 inch', () => {
		const [width, height] = pageSize({ paper: 'a4', across: false }).map((points) => (points / 72) * 25.4);
		expect(width).toBeCloseTo(210, 1);
		expect(height).toBeCloseTo(297, 1);
		expect(pageSize({ paper: 'letter', across: true })).toEqual([11 * 72, 8.5 * 72]);
	});
});
