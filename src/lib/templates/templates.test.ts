import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToOklab } from '$lib/core/colour/oklab';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { followed } from '$lib/study/followed';
import { judgePlate } from '$lib/plates/judge-plate';
import { scaleOf } from '$lib/plates/scales/scale-of';
import { briefOf } from '$lib/study/brief/brief';
import { decisionsOf, givenBy } from '$lib/study/brief/given';
import { progressOf } from '$lib/study/brief/progress';
import { takenUp } from '$lib/study/brief/take-up';
import { loadBriefs, loadTemplates } from './templates';
import { scalesPlateOf } from '../../../tests/support/plates';

describe('templates', () => {
	it('are studies that can be stored, each with what it is for, and their checks can be judged', async () => {
		const templates = await loadTemplates();
		expect(templates).toHaveLength(15);
		for (const { name, says, document } of templates) {
			expect(says.length, name).toBeGreaterThan(30);
			for (const plate of document.plates)
				for (const { reason } of judgePlate(plate, document.linked)) expect(reason, name).not.toBe('');
		}
	});

	it('the interval sheet meets its own brief as it comes', async () => {
		const intervals = (await loadTemplates()).find(({ name }) => name === 'Four intervals')!;
		for (const { holds, reason } of judgePlate(scalesPlateOf(intervals.document), intervals.document.linked))
			expect(holds, reason).toBe(true);
	});

	it('solids follow their parent: light, middle and dark fall in value, and the accent stands far off (CIEDE2000 by culori)', async () => {
		const { linked, plates } = (await loadTemplates()).find(
			({ name }) => name === 'Solids on a triangular grid'
		)!.document;
		const design = plates.find((plate) => plate.kind === 'pattern')!;
		const codes = coloursOfPlate(design, linked).map(({ hex }) => hex);
		const values = codes.slice(0, 3).map((code) => converter('lab65')(code)!.l);
		expect(values[0]! - values[1]!).toBeGreaterThan(10);
		expect(values[1]! - values[2]!).toBeGreaterThan(10);
		for (const code of codes.slice(0, 3)) expect(differenceCiede2000()(code, codes[3]!)).toBeGreaterThan(15);
		const turned = linked.map((colour) => (colour.name === 'Madder' ? { ...colour, text: '#2f7a4a' } : colour));
		const after = followed({ linked: turned, plates }).study.plates.find(({ id }) => id === design.id)!;
		expect(coloursOfPlate(after, turned).map(({ hex }) => hex)).not.toEqual(codes);
	});

	it('a hue dulled by its complement passes through a near-neutral in the middle (common practice, no source)', async () => {
		const dulling = (await loadTemplates()).find(({ name }) => name === 'Dulling pairs')!;
		for (const decision of scalesPlateOf(dulling.document).scales) {
			const { steps } = scaleOf(decision, dulling.document.linked);
			const chroma = steps.map(({ linear }) => {
				const [, a, b] = linearToOklab(...linear);
				return Math.hypot(a, b);
			});
			const [least, greatest] = [Math.min(...chroma), Math.max(...chroma)];
			expect(least / greatest).toBeLessThan(0.5);
			if (decision.oneWay) expect(chroma.indexOf(least)).toBe(chroma.length - 1);
			else expect(chroma.indexOf(least)).toBeGreaterThan(1);
		}
	});
});

describe('the briefs that ship', () => {
	it('are six, each with a text, something given, something asked of every plate, and a reflection', async () => {
		const briefs = await loadBriefs();
		expect(briefs.map(({ name }) => name)).toEqual([
			'One hue, three ways',
			'Two gradations',
			'Four intervals by temperature and key',
			'An interval in use',
			'One yarn that looks like two',
			'Light and shadow'
		]);
		for (const { name, document } of briefs) {
			const brief = briefOf({ ...document, titleBlock: { ...document.titleBlock, title: name } })!;
			const given = givenBy(brief);
			expect(
				given.every((plate) => plate.checks.length > 0),
				name
			).toBe(true);
			expect(
				given.some((plate) => plate.given.length > 0),
				name
			).toBe(true);
			// Every key names something that is decided there: one that does not would give nothing.
			for (const { plate, keys } of brief.terms.given) {
				const found = brief.plates.find(({ id }) => id === plate)!;
				const known = decisionsOf(found, brief.linked).map(({ key }) => key);
				expect(
					keys.filter((key) => !known.includes(key)),
					name
				).toEqual([]);
			}
			const asked = progressOf(takenUp(brief, { maker: 'Ines Marlow', date: '' }));
			expect(asked.at(-1)).toMatchObject({ plate: null, holds: false });
		}
	});
});
