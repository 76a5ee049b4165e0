import { describe, expect, it } from 'vitest';
import { scaleOf } from '$lib/plates/scales/scale-of';
import { newStudy } from './new-study';
import { studyDocumentSchema, type StudyDocument } from './study';
import { moved } from '$lib/model/edit';
import { copyOfPlate, deleteLinked, linkSource } from './edits';
import { addPlate, deletePlate, renamePlate } from '$lib/model/edit-plates';
import { changeLinked, renameLinked } from '$lib/model/edit-linked';
import { addScale, copyOfScale, decideScale, deleteScale, moveScale, setParent } from '$lib/plates/scales/scale-edits';
import { newScales, nextScale } from '$lib/plates/scales/make';
import { sayUses, usesOf } from './uses';
import { scalesPlateOf } from '../../../tests/support/plates';
import { surroundingsOf } from '$lib/plates/kinds';

const start = newStudy('Edits', '');
const plate = scalesPlateOf(start);
const scale = plate.scales[0]!;
const [madder, weld] = start.linked as [(typeof start.linked)[0], (typeof start.linked)[0]];
const coloursOf = (document: StudyDocument): string[] =>
	document.plates
		.flatMap((each) => (each.kind === 'scales' ? each.scales : []))
		.flatMap((s) => scaleOf(s, document.linked).steps.map(({ hex }) => hex));
const fits = (document: StudyDocument) => expect(studyDocumentSchema.safeParse(document).error).toBeUndefined();

describe('edits', () => {
	it('leave the study they were given as it was, and what they do not touch is the very same', () => {
		const two = addPlate(copyOfPlate(plate), null)(start);
		const edited = decideScale(plate.id, scale.id, { between: 9 })(two);
		expect(start.plates).toHaveLength(1);
		expect(scalesPlateOf(two).scales[0]!.between).toBe(5);
		expect(edited.plates[1]).toBe(two.plates[1]);
		expect(edited.linked).toBe(start.linked);
	});

	it('each give a study that can be stored', () => {
		const copy = copyOfScale(scale);
		const edits = [
			addScale(plate.id, copy, scale.id),
			addPlate(copyOfPlate(plate), plate.id),
			deletePlate(plate.id),
			deleteScale(plate.id, scale.id),
			renamePlate(plate.id, 'Renamed'),
			setParent(plate.id, scale.id, 1, { text: 'teal' }),
			changeLinked(madder.id, { text: 'oklch(0.5 0.2 20)' }),
			renameLinked(madder.id, 'Rose madder'),
			deleteLinked(weld.id)
		];
		for (const edit of edits) fits(edit(start));
	});

	it('move to an index, and stop at the ends', () => {
		const items = ['aaaaaa', 'bbbbbb', 'cccccc'].map((id) => ({ id }));
		const order = (index: number) =>
			moved(items, 'bbbbbb', index)
				.map(({ id }) => id[0])
				.join('');
		expect([order(-3), order(0), order(2), order(9)]).toEqual(['bac', 'bac', 'acb', 'acb']);
		const two = addScale(plate.id, copyOfScale(scale), null)(start);
		expect(scalesPlateOf(moveScale(plate.id, scale.id, 1)(two)).scales[1]!.id).toBe(scale.id);
	});

	it('changing a linked colour changes every scale that uses it; deleting it keeps the looks', () => {
		const two = addScale(plate.id, copyOfScale(scale), null)(start);
		const changed = changeLinked(madder.id, { text: '#336699' })(two);
		expect(coloursOf(changed).filter((hex) => hex === '#336699')).toHaveLength(2);
		const without = deleteLinked(madder.id)(changed);
		fits(without);
		expect(coloursOf(without)).toEqual(coloursOf(changed));
		expect(without.linked).toHaveLength(2);
	});

	it('linking a parent to a new colour keeps its looks too', () => {
		const own = setParent(plate.id, scale.id, 0, { text: '#123456' })(start);
		const linked = linkSource({ id: 'indigo000001', name: 'Indigo', text: '#123456' }, (source) =>
			setParent(plate.id, scale.id, 0, source)
		)(own);
		fits(linked);
		expect(coloursOf(linked)).toEqual(coloursOf(own));
		expect(sayUses(usesOf('indigo000001', linked))).toBe('used in 1 scale on 1 plate');
	});
});

describe('what comes next is never an empty form', () => {
	it('a new row takes the recipe that the plate lacks, then the next colour of the study', () => {
		let document = start;
		const made: string[] = [];
		for (let i = 0; i < 6; i++) {
			const next = nextScale(surroundingsOf(document), scalesPlateOf(document), scalesPlateOf(document).scales.at(-1)!);
			document = addScale(plate.id, next, null)(document);
			fits(document);
			made.push(
				`${next.recipe} ${document.linked.findIndex(({ id }) => 'linked' in next.parents[0]! && next.parents[0].linked === id)}`
			);
		}
		expect(made).toEqual(['shades 0', 'tones-level 0', 'interval 0', 'tints 1', 'shades 1', 'tones-level 1']);
	});

	it('a new plate begins with a colour that no plate begins with; without any colour it still begins', () => {
		expect(newScales(surroundingsOf(start))).toMatchObject({
			title: 'Tints of weld',
			scales: [{ recipe: 'tints', parents: [{ linked: weld.id }, {}] }]
		});
		const bare: StudyDocument = { ...start, linked: [], plates: [] };
		fits(addPlate(newScales(surroundingsOf(bare)), null)(bare));
	});

	it('counts only the parents that a recipe uses', () => {
		expect(sayUses(usesOf(weld.id, start))).toBe('not used yet');
		expect(sayUses(usesOf(weld.id, decideScale(plate.id, scale.id, { recipe: 'interval' })(start)))).toBe(
			'used in 1 scale on 1 plate'
		);
	});
});
