import { mkdirSync, writeFileSync } from 'node:fs';
import { expect } from 'vitest';

/** What a check against an outside source found; docs/checks.md is made of these. */
export interface Check {
	/** The method that is checked, as docs/checks.md lists it. */
	readonly method: string;
	/** The outside source. */
	readonly source: string;
	readonly tolerance: number;
	readonly cases: number;
	readonly largest: number;
}

/** The folder in which a run leaves its findings; tests/support/write-checks.ts makes the page of them. */
export const FINDINGS = '.cache/checks';

/** A tolerance is at most so many times what is reached, or the rounding of the reckoning. */
const LOOSEST = 10;
const ROUNDING = 1e-12;

/** Gathers the deviations of one method from one source, notes the largest and expects it within the tolerance. */
export function checkAgainst(
	subject: { method: string; source: string; tolerance: number },
	measure: (deviation: (ours: number, theirs: number) => void) => void
): void {
	let largest = 0;
	let cases = 0;
	measure((ours, theirs) => {
		cases++;
		const off = Math.abs(ours - theirs);
		if (!(off <= largest)) largest = off;
	});
	const check: Check = { ...subject, cases, largest };
	mkdirSync(FINDINGS, { recursive: true });
	const name = `${subject.method} ${subject.source}`.replace(/[^a-z0-9]+/gi, '-').slice(0, 120);
	writeFileSync(`${FINDINGS}/${name}.json`, JSON.stringify(check));
	expect(cases, 'a check needs cases').toBeGreaterThan(0);
	expect(largest, `${subject.method} against ${subject.source}`).toBeLessThanOrEqual(subject.tolerance);
	// A tolerance far over what is reached would let a fault through that the check is there to find.
	const loosest = Math.max(ROUNDING, LOOSEST * largest);
	expect(subject.tolerance, `tolerance of ${subject.method} against ${subject.source}`).toBeLessThanOrEqual(loosest);
}
