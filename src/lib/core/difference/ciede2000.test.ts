import { diff } from 'color-diff';
import { differenceCiede2000 } from 'culori';
import { expect, it } from 'vitest';
import sharma from '../../../../tests/reference/ciede2000.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { type Triple } from '../colour/vector';
import { ciede2000 } from './ciede2000';
import { ciede2000Textbook } from './ciede2000-textbook';

it.each([
	['CIEDE2000', ciede2000],
	['CIEDE2000, textbook form', ciede2000Textbook]
])('%s: the published pairs of Sharma, Wu & Dalal (2005), Table 1, in both orders', (method, formula) => {
	checkAgainst({ method, source: 'Sharma, Wu & Dalal 2005, Table 1', tolerance: 1e-4 }, (deviation) => {
		for (const row of sharma.rows) {
			const one = row.lab1 as Triple;
			const other = row.lab2 as Triple;
			deviation(formula(...one, ...other), row.dE00);
			deviation(formula(...other, ...one), row.dE00);
		}
	});
});

const culori = differenceCiede2000();
const libraries: Record<string, (one: Triple, other: Triple) => number> = {
	'culori 4.0.2': ([l, a, b], [l2, a2, b2]) =>
		culori({ mode: 'lab65', l, a, b }, { mode: 'lab65', l: l2, a: a2, b: b2 }),
	'color-diff 1.4.0': ([L, a, b], [L2, a2, b2]) => diff({ L, a, b }, { L: L2, a: a2, b: b2 })
};
for (const [source, library] of Object.entries(libraries))
	it(`random near and far pairs, greys and opposite hues, with ${source}`, () => {
		const next = seeded(17);
		checkAgainst({ method: 'CIEDE2000, random pairs', source, tolerance: 1e-7 }, (deviation) => {
			for (let i = 0; i < 20_000; i++) {
				const one: Triple = [100 * next(), 200 * next() - 100, 200 * next() - 100];
				const near = (size: number): Triple => one.map((x) => x + size * (next() - 0.5)) as Triple;
				const others: Triple[] = [[100 * next(), 200 * next() - 100, 200 * next() - 100], near(4), near(0.01)];
				others.push([one[0], 0, 0], [one[0] + 1, -one[1] * 1.01, -one[2] * 0.99 + 0.3]);
				for (const other of others) deviation(ciede2000(...one, ...other), library(one, other));
			}
		});
	});

it('nothing differs from itself', () => expect(ciede2000(50, 20, -30, 50, 20, -30)).toBe(0));
