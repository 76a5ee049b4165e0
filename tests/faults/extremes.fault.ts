import { afterAll, beforeAll, expect, it } from 'vitest';
import { newId } from '../../src/lib/model/ids';
import { newStudy } from '../../src/lib/study/new-study';
import { copyParts, KIND_NAMES } from '../../src/lib/plates/kinds';
import { newPlate } from '../../src/lib/plates/new-plate';
import { type Plate } from '../../src/lib/plates/plate';
import { fieldsOf, inEveryExercise, withField } from '../support/extremes';
import { printOf } from '../support/largest-study';
import { begunFolder } from '../support/begun';
import { started, stopped, type OwnServer } from '../support/server';
import { asJson, keep, readBack } from '../support/studies';
import { CAMPAIGN, noteFault } from './report';

let server: OwnServer;
beforeAll(async () => {
	server = await started(await begunFolder());
});
afterAll(() => stopped(server, 'SIGTERM'));

const study = newStudy('Extremes', '');

/** The same plate under ids of its own, so that many can stand in one study. */
const renamed = (plate: Plate): Plate => ({ ...copyParts(plate), id: newId() });

it('ends of fields of every exercise can be saved, opened, drawn and printed', async () => {
	let plates = 0;
	// Made of a study without plates: what follows another could not be stored without it.
	for (const kind of KIND_NAMES)
		for (const { name, plate } of inEveryExercise(newPlate(kind, { ...study, plates: [] }))) {
			const every = fieldsOf(plate).flatMap(({ path, ends }) =>
				ends.flatMap((end) => withField(plate, path, end) ?? [])
			);
			// Each of them is drawn and stored by a unit test; the built server is asked for some in turn, and in a campaign for all.
			const all = every.filter((_, i) => CAMPAIGN > 1 || i % 4 === 0);
			const document = { ...study, plates: all.slice(0, 60).map(renamed) };
			plates += document.plates.length;
			const { id } = await keep(server.url, document);
			expect((await readBack(server.url, id)).document, name).toEqual(document);
			const answers = await Promise.all([
				fetch(`${server.url}/studies/${id}`),
				fetch(`${server.url}/api/studies/${id}/picture.svg`),
				fetch(`${server.url}/api/print`, asJson('POST', printOf(document)))
			]);
			expect(
				answers.map(({ status }) => status),
				name
			).toEqual([200, 200, 200]);
		}
	noteFault('plates at both ends of every field, saved, opened, drawn and printed', plates, 'nothing');
});

it('colours beyond all measure are refused when they come, and shown as the nearest where they are stored already', async () => {
	const texts = [
		'oklch(0.5 1e150 30)',
		'hsl(1e308turn 50% 50%)',
		'lab(50 -1e9 0)',
		'color(xyz 1e200 1 1)',
		'rgb(1e6 0 0)'
	];
	for (const text of texts) {
		const document = { ...study, linked: study.linked.map((colour) => ({ ...colour, text })) };
		const refused = await fetch(`${server.url}/api/studies`, asJson('POST', { document }));
		expect(refused.status, text).toBe(422);
		expect(await refused.text()).toContain('from −100000 to 100000');
	}
	noteFault('colours beyond all measure', texts.length, 'nothing: they are refused');

	const furthest = [
		'oklch(0.5 100000 30)',
		'lab(50 -100000 100000)',
		'color(xyz 100000 0 -100000)',
		'color(srgb-linear -100000 100000 0)',
		'hsl(100000turn 100000% 50%)'
	];
	for (const text of furthest)
		for (const kind of KIND_NAMES) {
			const document = { ...study, linked: study.linked.map((colour) => ({ ...colour, text })) };
			const { id } = await keep(server.url, { ...document, plates: [newPlate(kind, { ...document, plates: [] })] });
			expect((await fetch(`${server.url}/studies/${id}`)).status, text).toBe(200);
		}
	noteFault(
		'colours as far out as is read, on every kind of plate, opened',
		KIND_NAMES.length * furthest.length,
		'nothing'
	);
});
