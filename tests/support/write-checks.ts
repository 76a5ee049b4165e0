import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { type Check, FINDINGS } from './checks';

const HEAD = `# What is checked against outside sources
This page is written by the unit tests (\`npm test\`): each row is one check, with the largest deviation that this run found.
Published tables were copied from memory and confirmed as \`tests/reference/\` says row by row; libraries are development dependencies.
Random colours come from fixed seeds, so the numbers repeat.

| what | outside source | cases | tolerance | largest deviation |
| --- | --- | ---: | ---: | ---: |
`;
const TAIL = `
Facts of the trade (common practice, no source), and properties that must hold for any colour, are tests without a table: see
\`src/lib/core/scale/*.test.ts\`. Not confirmed by any source and therefore not tested: that pure screen cyan is a 16 % grey (the
dot-gain curve gives 12.5 %; \`tests/reference/greys.json\` flags it).

Left out of the published tables in \`tests/reference/\`, because nothing here reckons it: the CIECAM02 examples (13, another model than CIECAM16); films over a
ground, mixes with two constants, Saunderson's correction and the mixes of spectral.js (36 of \`kubelka-munk.json\`: our paint is a hiding layer with one
constant); the APCA contrasts (8); the Yule–Nielsen greys and those from densities (8); the painter's wheel as a cube after Gossett & Chen (19); the whole of
\`munsell.json\` (44 colours by hue, value and chroma: only Munsell value is reckoned, by ASTM D1535).
`;

const number = (value: number): string => (value === 0 ? '0' : value.toExponential(1));

/** Vitest calls setup before a run and what it returns after it. A run of only some files leaves the page alone. */
export default function setup(): () => void {
	rmSync(FINDINGS, { recursive: true, force: true });
	return () => {
		if (process.env.RICERCAR_CHECKS !== 'write') return;
		const rows = readdirSync(FINDINGS)
			.sort()
			.map((file) => JSON.parse(readFileSync(`${FINDINGS}/${file}`, 'utf8')) as Check)
			.map((c) => `| ${c.method} | ${c.source} | ${c.cases} | ${number(c.tolerance)} | ${number(c.largest)} |`);
		writeFileSync('docs/checks.md', `${HEAD}${rows.join('\n')}\n${TAIL}`);
	};
}
