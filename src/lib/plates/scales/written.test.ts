import { describe, expect, it } from 'vitest';
import { drawingToSvg } from '$lib/drawing/svg';
import { decidePlate } from '$lib/model/edit-plates';
import { drawPlate } from '$lib/plates/draw-plate';
import { mapSources, sourcesOf, usesOn } from '$lib/plates/kinds';
import { deleteLinked } from '$lib/study/edits';
import { newStudy } from '$lib/study/new-study';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { readStudyFile, writeStudyFile } from '$lib/study/study-file';
import { scalesPlateOf } from '../../../../tests/support/plates';
import { nameRow, setParent } from './scale-edits';

const start = newStudy('Written', '');
const { id, scales } = scalesPlateOf(start);
const row = scales[0]!.id;
const wordsOf = (study: StudyDocument): string[] =>
	drawPlate(study.plates[0]!, study.linked, 'full').shapes.flatMap((shape) =>
		shape.kind === 'words' ? [shape.words] : []
	);

describe('what people write on a sheet', () => {
	it('a row has its maker’s name in place of the recipe’s, which goes to the line under it; an empty one brings it back', () => {
		const named = nameRow(id, row, 'Rinsed out')(start);
		expect(wordsOf(named)).toEqual(expect.arrayContaining(['Rinsed out', 'tints: madder to white']));
		expect(wordsOf(named)).not.toContain('Tints');
		expect(wordsOf(nameRow(id, row, '')(named))).toEqual(wordsOf(start));
		expect(wordsOf(start)).toContain('Tints');
	});

	it('stands in the SVG too, as text, and comes back out of the study file', () => {
		const said = decidePlate(id, { caption: 'Five dips <of> madder & weld', ground: { text: '#2a2a2a' } })(
			nameRow(id, row, 'Rinsed out')(start)
		);
		const svg = drawingToSvg(drawPlate(said.plates[0]!, said.linked, 'full'));
		expect(svg).toContain('Five dips &lt;of&gt; madder &amp; weld');
		expect(svg).toContain('>Rinsed out</text>');
		expect(svg).toContain('<rect width="100%" height="100%" fill="#2a2a2a"/>');
		const written = { ...said, reflection: 'Quiet cloth.\n\nHard row.' };
		expect(readStudyFile(writeStudyFile(written))).toEqual(studyDocumentSchema.parse(written));
	});

	it('is refused where no file could keep it', () => {
		const refused = (change: object) => studyDocumentSchema.safeParse({ ...start, ...change }).success;
		expect(refused({ reflection: 'a\u0000b' })).toBe(false);
		expect(refused({ reflection: 'x'.repeat(10_001) })).toBe(false);
		expect(refused({ reflection: 'one\ntwo\tthree' })).toBe(true);
		expect(refused({ plates: [{ ...start.plates[0]!, caption: 'two\nlines' }] })).toBe(false);
		expect(refused({ plates: [{ ...start.plates[0]!, caption: 'x'.repeat(301) }] })).toBe(false);
	});

	it('a ground that is a linked colour is one of the plate’s sources: it counts, follows, and stays when the colour goes', () => {
		const woad = start.linked[2]!;
		const grounded = decidePlate(id, { ground: { linked: woad.id } })(start);
		const plate = grounded.plates[0]!;
		expect(sourcesOf(plate)).toHaveLength(sourcesOf(start.plates[0]!).length + 1);
		expect(usesOn(plate, woad.id)).toBe(usesOn(start.plates[0]!, woad.id) + 1);
		expect(drawPlate(plate, grounded.linked, 'colours').paper).toBe(woad.text);
		expect(mapSources(plate, () => ({ text: '#123456' })).ground).toEqual({ text: '#123456' });
		const freed = deleteLinked(woad.id)(grounded);
		expect(freed.plates[0]!.ground).toEqual({ text: woad.text });
		expect(studyDocumentSchema.safeParse(freed).success).toBe(true);
	});

	it('a colour from a palette keeps its name as a parent, in the words under its row', () => {
		const walnut = setParent(id, row, 0, { text: '#5b4636', name: 'Walnut hull' })(start);
		expect(wordsOf(walnut)).toContain('walnut hull to white');
	});
});
