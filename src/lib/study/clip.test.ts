import { describe, expect, it } from 'vitest';
import { parse } from 'culori';
import { decidePlate } from '$lib/model/edit-plates';
import { nameRow } from '$lib/plates/scales/scale-edits';
import { KIND_NAMES } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { plateSchema } from '$lib/plates/plate';
import { drawPlate } from '$lib/plates/draw-plate';
import { scalesPlateOf } from '../../../tests/support/plates';
import { clipIn, clipOfPlate, landed, onClipboard, plateLanded, type Clip } from './clip';
import { newStudy } from './new-study';

const study = newStudy('Clips', '');
const [madder, weld, woad] = study.linked;

describe('what is taken along', () => {
	it('comes back out of its HTML as it went in, for every kind, whatever is written on it', () => {
		for (const kind of KIND_NAMES) {
			const plate = newPlate(kind, study);
			const written = decidePlate(plate.id, { caption: `"Quiet" & <loud>, it's &amp; not` })({
				...study,
				plates: [plate]
			});
			const clip = clipOfPlate(plateSchema.parse(written.plates[0]), study.linked);
			expect(clipIn(onClipboard(clip).html), kind).toEqual(clip);
			// As a browser gives it: with a frame of its own around it.
			expect(
				clipIn(`<html><body><!--StartFragment-->${onClipboard(clip).html}<!--EndFragment--></body></html>`)
			).toEqual(clip);
		}
	});

	it('comes back as several in their order, with the colours of all; not where they are of several sorts', () => {
		const plates = KIND_NAMES.map((kind) => clipOfPlate(plateSchema.parse(newPlate(kind, study)), study.linked));
		const clip: Clip = { what: 'several', clips: plates };
		const { html, text } = onClipboard(clip);
		expect(clipIn(html)).toEqual(clip);
		expect(text).toBe(
			plates
				.map((each) => onClipboard(each).text)
				.filter(Boolean)
				.join('\n')
		);
		const colour = { what: 'colour', text: '#b3392b' } as const;
		expect(clipIn(onClipboard({ what: 'several', clips: [colour, colour] }).html)).not.toBeNull();
		expect(clipIn(onClipboard({ what: 'several', clips: [...plates, colour] }).html)).toBeNull();
		expect(clipIn(onClipboard({ what: 'several', clips: [] }).html)).toBeNull();
	});

	it('is CSS colours for other programs, one on each line (read by culori 4.0.2)', () => {
		const plate = scalesPlateOf(study);
		const { text } = onClipboard(clipOfPlate(plate, study.linked));
		const lines = text.split('\n');
		expect(lines).toHaveLength(7);
		for (const line of lines) expect(parse(line)?.mode).toBe('rgb');
		expect(lines[0]).toBe('#b3392b');
		expect(lines[6]).toBe('#ffffff');
	});

	it('is not read where it is none of ours, or has been changed into what no plate is', () => {
		const { html } = onClipboard(clipOfPlate(scalesPlateOf(study), study.linked));
		expect(clipIn('<ul><li>#b3392b</li></ul>')).toBeNull();
		expect(clipIn('')).toBeNull();
		expect(clipIn(html.replace('scales', 'quilts'))).toBeNull();
		expect(clipIn(html.replace('&quot;between&quot;:5', '&quot;between&quot;:5000'))).toBeNull();
		expect(clipIn(html.slice(0, 200))).toBeNull();
		expect(clipIn(`${html}${'x'.repeat(16_000_001)}`)).toBeNull();
	});

	it('keeps its links in the study that it is from; elsewhere they become colours of their own, by name, and nothing changes its looks', () => {
		const plate = scalesPlateOf(nameRow(scalesPlateOf(study).id, scalesPlateOf(study).scales[0]!.id, 'Rinsed')(study));
		const { linked } = clipOfPlate(plate, study.linked) as Extract<Clip, { what: 'plate' }>;
		expect(linked.map(({ id }) => id)).toEqual([madder!.id, weld!.id]);
		expect(plateLanded(plate, linked, study.linked)).toEqual(plate);
		const there = plateLanded(plate, linked, []);
		expect(scalesPlateOf({ ...study, plates: [there] }).scales[0]!.parents).toEqual([
			{ text: '#b3392b', name: 'Madder' },
			{ text: '#d9b036', name: 'Weld' }
		]);
		const colours = (on: typeof there, here: typeof linked) =>
			drawPlate(on, here, 'full').shapes.flatMap((shape) => (shape.kind === 'bar' ? [shape.fill] : []));
		expect(colours(there, [])).toEqual(colours(plate, study.linked));
	});

	it('follows no other plate where it lands', () => {
		const follows = { text: '#123456', follows: { plate: 'plate00001', place: 'step 0.5' } };
		expect(landed([], [])(follows)).toEqual({ text: '#123456' });
		expect(landed([woad!], [])({ linked: woad!.id })).toEqual({ text: woad!.text, name: 'Woad' });
	});
});
