import { type Page } from '@playwright/test';
import { gridOf, layGrid, type Grid } from '../src/lib/core/pattern/grid';
import { joined } from '../src/lib/core/pattern/join';
import { takenAway } from '../src/lib/drawing/taken-away';
import { drawPlate } from '../src/lib/plates/draw-plate';
import { kindNamed } from '../src/lib/plates/kinds';
import { type Plate } from '../src/lib/plates/plate';
import { seeded } from '../src/lib/core/seeded';
import { newId } from '../src/lib/model/ids';
import { emptyStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { ADDRESS, countLongTasks, inBrowser, keep, timeDial, timeDrag } from './browser';

type Pattern = Extract<Plate, { kind: 'pattern' }>;
const LETTERS = 'ABCDEF';
const LINKED = ['#e9dcc0', '#d9b036', '#b3392b', '#5d7f45', '#2f5f86', '#3c3a3f'].map((text, i) => ({
	id: `linked0000${i}`,
	name: `Colour ${i + 1}`,
	text
}));

/** A pattern of six linked colours on a grid, each cell at random. */
function patternOf(grid: Partial<Pattern['grid']>, cells: number, colours = 6): Pattern {
	const plate = kindNamed('pattern').make({
		linked: LINKED,
		plates: [],
		places: () => [],
		colours: LINKED.map(({ id }) => ({ linked: id })) as never
	}) as unknown as Pattern;
	const next = seeded(4);
	return {
		...plate,
		grid: { ...plate.grid, stretched: true, ...grid },
		colours: LINKED.map(({ id }) => ({ id: newId(), source: { linked: id } })),
		cells: Array.from({ length: cells }, () => LETTERS[Math.floor(next() * colours)]).join('')
	};
}

const studyOf = (plate: Pattern): StudyDocument => ({ ...emptyStudy('Bench', ''), linked: LINKED, plates: [plate] });

const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;
function timed(work: () => unknown): number {
	const took = Array.from({ length: 9 }, () => {
		const before = performance.now();
		work();
		return performance.now() - before;
	});
	return median(took.slice(2));
}

/** 3000 triangles of six colours at random, joined colour by colour; and the whole drawing as it is taken away. */
const triangles = layGrid({ kind: 'triangle-level', columns: 48, stretched: true }, 736, 392);
const some: Grid = gridOf(triangles.cells.slice(0, 3000));
const next = seeded(9);
const colours = some.cells.map(() => Math.floor(next() * 6));
const byColour = Array.from({ length: 6 }, (_, k) =>
	some.cells.flatMap(({ outline }, i) => (colours[i] === k ? [outline] : []))
);
console.log('\n| patterns, in Node.js | ms | goal |');
console.log('| --- | ---: | ---: |');
console.log(`| 3000 triangles of six colours joined | ${timed(() => byColour.map(joined)).toFixed(0)} | 300 |`);
const drawn = drawPlate(patternOf({ kind: 'triangle-level', columns: 48 }, 3000), LINKED, 'full');
console.log(`| a design of 3000 triangles as it is taken away | ${timed(() => takenAway(drawn)).toFixed(0)} | 300 |`);

async function openStudy(page: Page, plate: Pattern): Promise<void> {
	await page.goto(`${ADDRESS}/studies/${await keep(studyOf(plate))}`);
	await page.waitForSelector('[data-cells]');
	await page.waitForLoadState('networkidle');
}

await inBrowser(async (page) => {
	await countLongTasks(page);
	const even = Array.from({ length: 60 }, () => 1);
	await openStudy(page, patternOf({ kind: 'bands', bands: { across: even, down: even } }, 3600, 2));
	const box = (await page.locator('[data-cells]').boundingBox())!;
	const at = (turn: number) =>
		[box.x + 8 + ((turn * 7.3) % (box.width - 16)), box.y + 8 + ((turn * 3.1) % (box.height - 16))] as const;
	await timeDrag(page, 'filling by drag, 60 × 60 cells', { start: at(0), place: at }, 8);
	const many = patternOf({ kind: 'triangle-level', columns: 44 }, 3700, 2);
	await openStudy(page, many);
	await timeDrag(page, 'filling by drag, about 3600 triangles', { start: at(0), place: at }, 8);
	await openStudy(page, patternOf({ kind: 'square', columns: 60 }, 60 * 32));
	await page.getByRole('radio', { name: /^1, / }).click();
	await timeDial(page, 'turning a colour of a design of 1920 cells', 8);
});
