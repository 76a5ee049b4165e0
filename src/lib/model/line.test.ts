import { describe, expect, it } from 'vitest';
import { asLine, lineSchema, MOST_LETTERS } from './line';

describe('a line that was made out of other texts', () => {
	it('can always be kept: never cut inside a letter, without control characters', () => {
		// 119 letters and a letter of two code units, which a plain cut at 120 would halve.
		const cut = asLine(`${'w'.repeat(MOST_LETTERS - 1)}𝒲, copy`);
		expect(cut).toBe('w'.repeat(MOST_LETTERS - 1));
		expect(asLine('madder\u0000\r\nroot\tbark')).toBe('madder root bark');
		for (const text of ['', '\ud800', 'a\u0085b', '🧶'.repeat(100), `${'x'.repeat(130)}`])
			expect(lineSchema.safeParse(asLine(text)).success, JSON.stringify(text)).toBe(true);
	});

	it('stays as it is where it fits', () => {
		expect(asLine('Blanket border, first warp')).toBe('Blanket border, first warp');
		expect(asLine('🧶 wool')).toBe('🧶 wool');
	});
});
