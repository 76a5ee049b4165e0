import { wcagContrast } from 'culori';
import { describe, expect, it } from 'vitest';
import { seeded } from '$lib/core/seeded';
import { drawPlate } from '$lib/plates/draw-plate';
import { KIND_NAMES } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { newStudy } from '$lib/study/new-study';
import { randomHex } from '../../../tests/support/colours';
import { scalesPlateOf } from '../../../tests/support/plates';
import { inksOn } from './inks';
import { SHEETS } from './sheets';
import { INK, SOFT } from './words';

const next = seeded(31);
const GROUNDS = [...SHEETS.map(({ hex }) => hex), ...Array.from({ length: 400 }, () => randomHex(next))];
const study = newStudy('Grounds', '');

describe('words on the ground of a plate', () => {
	it('are read on every grey and on 400 random colours: 4.5 to 1 and more (WCAG 2.2 §1.4.3, reckoned by culori 4.0.2)', () => {
		for (const ground of GROUNDS)
			for (const role of [INK, SOFT])
				expect(wcagContrast(inksOn(ground)[role]!, ground), `${role} on ${ground}`).toBeGreaterThanOrEqual(4.5);
	});

	it('are dark on white and light on black, the name of a row plainer than what is told under it', () => {
		expect(inksOn('#ffffff')).toEqual({ ink: '#1c1c1c', soft: '#5f5f5f', paper: '#ffffff' });
		expect(wcagContrast(inksOn('#000000')[INK]!, '#000000')).toBeGreaterThan(
			wcagContrast(inksOn('#000000')[SOFT]!, '#000000')
		);
	});

	it('never stay a name: every shape of every kind has a code, on every sheet, and the sheet is what was chosen', () => {
		const codes = (shape: object): string[] =>
			['fill', 'stroke'].flatMap((key) => (key in shape ? [String(shape[key as keyof typeof shape])] : []));
		for (const kind of KIND_NAMES)
			for (const { hex } of SHEETS) {
				const plate = { ...newPlate(kind, study), ground: { text: hex } };
				const drawing = drawPlate(plate, study.linked, 'full');
				expect(drawing.paper).toBe(hex);
				const all = drawing.shapes.flatMap(codes);
				expect(all.length).toBeGreaterThan(4);
				expect(all.filter((code) => !/^#[0-9a-f]{6}$/.test(code))).toEqual([]);
			}
	});

	it('are greys in equal steps of value (L* by culori 4.0.2, within half a code)', async () => {
		const { lab65 } = await import('culori');
		SHEETS.forEach(({ hex }, i) => expect(lab65(hex)!.l).toBeCloseTo(100 - (100 * i) / 6, -0.3));
		expect(SHEETS).toHaveLength(7);
	});
});

describe('a step that would be lost', () => {
	const ticksOn = (ground: string): number => {
		const plate = { ...scalesPlateOf(study), ground: { text: ground } };
		return drawPlate(plate, study.linked, 'full').shapes.filter(({ kind }) => kind === 'rule').length;
	};

	it('has its corners marked on its own ground and on no other: the white end of tints on white', () => {
		expect(ticksOn('#ffffff')).toBeGreaterThan(0);
		expect(ticksOn('#000000')).toBe(0);
		expect(ticksOn('#777777')).toBe(0);
		// The parent itself, a madder, on a ground of the same colour.
		expect(ticksOn('#b3392b')).toBeGreaterThan(0);
	});
});
