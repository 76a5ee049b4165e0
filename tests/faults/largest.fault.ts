import { afterAll, beforeAll, expect, it } from 'vitest';
import { newId } from '../../src/lib/model/ids';
import { copyParts, KIND_NAMES } from '../../src/lib/plates/kinds';
import { newPlate } from '../../src/lib/plates/new-plate';
import { type Plate } from '../../src/lib/plates/plate';
import { handInOf } from '../../src/lib/study/handed/hand-in';
import { writeHandIn } from '../../src/lib/study/handed/hand-in-file';
import { MOST_PLATES } from '../../src/lib/study/parts';
import { newStudy } from '../../src/lib/study/new-study';
import { begunFolder } from '../support/begun';
import { fieldsOf, inEveryExercise, withField } from '../support/extremes';
import { BRIEF_OF_TESTS } from '../support/large-hand-in';
import { largestStudy, printOf } from '../support/largest-study';
import { started, stopped, type OwnServer } from '../support/server';
import { asJson, keep } from '../support/studies';
import { watched } from '../support/watched';
import { CAMPAIGN, noteFault } from './report';

let server: OwnServer;
beforeAll(async () => {
	server = await started(await begunFolder());
});
afterAll(() => stopped(server, 'SIGTERM'));

const study = newStudy('As large as may be', '');
/** Bytes of JSON that a document may take, less what a request and a title block add. */
const MOST = 1_900_000;

/** A plate with every field that has ends at its last one: the most of a number, as far as the others allow it. */
const atItsMost = (plate: Plate): Plate =>
	fieldsOf(plate).reduce((now, { path, ends }) => withField(now, path, ends.at(-1)) ?? now, plate);

/** Plates of a kind, of all its exercises in turn: in the campaign as many as may stand in one document, otherwise each and one more. */
function largestOf(kind: (typeof KIND_NAMES)[number]): Plate[] {
	// A row of these takes a second to be drawn; `npm run bench prints` has all of them.
	if (kind === 'scales')
		return largestStudy(1).plates.map((plate) =>
			plate.kind === 'scales' ? { ...plate, scales: plate.scales.slice(0, CAMPAIGN > 1 ? 24 : 2) } : plate
		);
	const each = inEveryExercise(newPlate(kind, { ...study, plates: [] })).map(({ plate }) => atItsMost(plate));
	const most = CAMPAIGN > 1 ? MOST_PLATES : each.length + 1;
	const plates: Plate[] = [];
	for (let size = 0; plates.length < most;) {
		const plate = { ...copyParts(each[plates.length % each.length]!), id: newId() };
		size += JSON.stringify(plate).length;
		if (size > MOST) break;
		plates.push(plate);
	}
	return plates;
}

it.each(KIND_NAMES)(
	'the largest document of %s opens, is listed, drawn, printed and handed in, and others go on',
	async (kind) => {
		const plates = largestOf(kind);
		const document = { ...study, plates, linked: study.linked };
		const handIn = handInOf(
			{ ...document, answers: BRIEF_OF_TESTS, titleBlock: { ...study.titleBlock, maker: 'Ines Marlow' } },
			{ id: newId(), at: '2026-11-15T10:10:00.000Z', pictures: {} }
		)!;
		const text = writeHandIn(handIn);
		const print = JSON.stringify(printOf(document));
		const statuses: number[] = [];
		let page = '';
		const { most, waits } = await watched(server, async () => {
			const { id } = await keep(server.url, document);
			const ask = async (path: string, init?: RequestInit): Promise<void> => {
				const response = await fetch(server.url + path, init);
				const text = await response.text();
				if (path.startsWith('/studies/')) page = text;
				statuses.push(response.status);
			};
			await ask(`/studies/${id}`);
			await ask('/');
			await ask(`/api/studies/${id}/picture.svg`);
			await ask('/api/print', { ...asJson('POST', {}), body: print });
			await ask('/api/hand-ins', { ...asJson('POST', {}), body: text });
		});
		expect(statuses).toEqual([200, 200, 200, 200, 201]);
		// Where others would wait for it the page comes without its plate.
		expect(page.includes('The first plate is being drawn.')).toBe(['scales', 'pattern'].includes(kind));
		noteFault(
			`${plates.length} plates of ${kind} at their most (a hand-in of ${(text.length / 1e6).toFixed(1)} MB): ${Math.round(most)} MB at most, others waited ${Math.round(Math.max(...waits))} ms at most`,
			1,
			'nothing'
		);
	}
);
