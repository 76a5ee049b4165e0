import { writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readDrawing } from '$lib/svg-in/read-drawing';
import { SHIPPED_DRAWINGS } from './names';
import { SOURCES } from './sources';

/** Half of what is seen on a plate: what ships is loaded with every page. */
const COARSE = 0.3;

/** As the file of a drawing has it; written anew by `npm run shipped`. */
const fileOf = (made: object): string =>
	`import { type Shipped } from '../shipped-drawing';\n\n/** Read from sources.ts by \`npm run shipped\`. */\nexport const SHIPPED: Shipped = ${JSON.stringify(made, null, '\t')};\n`;

describe('the drawings that ship', () => {
	it.each(SHIPPED_DRAWINGS)('%s: its regions are what is read from its drawing', async (drawing) => {
		const { name, svg } = SOURCES[drawing];
		const { width, height, regions, left } = readDrawing(svg, undefined, COARSE);
		expect(left).toEqual([]);
		expect(regions.length).toBeGreaterThan(20);
		if (process.env.RICERCAR_WRITES_STARTS)
			writeFileSync(`${import.meta.dirname}/shipped/${drawing}.ts`, fileOf({ name, width, height, regions }));
		const { SHIPPED } = await import('./shipped');
		if (!process.env.RICERCAR_WRITES_STARTS) expect(SHIPPED[drawing]).toEqual({ name, width, height, regions });
	});
});
