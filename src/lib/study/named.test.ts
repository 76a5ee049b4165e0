import { describe, expect, it } from 'vitest';
import { changeLinked, renameLinked } from '$lib/model/edit-linked';
import { addPlate, renamePlate } from '$lib/model/edit-plates';
import { newPlate } from '$lib/plates/new-plate';
import { KIND_NAMES, kindOf, sourcesOf } from '$lib/plates/kinds';
import { decideScale, setParent } from '$lib/plates/scales/scale-edits';
import { scalesPlateOf } from '../../../tests/support/plates';
import { copyOfPlate, type StudyEdit } from './edits';
import { named } from './named';
import { newStudy } from './new-study';
import { type StudyDocument } from './study';

const start = newStudy('Names', '');
const [madder, weld] = start.linked;
const after = (study: StudyDocument, ...edits: readonly StudyEdit[]): StudyDocument =>
	edits.reduce((now, edit) => named(now, edit(now)), study);
const titles = ({ plates }: StudyDocument): string[] => plates.map(({ title }) => title);

describe('what the machine has named is never false', () => {
	it('a madder that is turned to a blue is no madder, and its tints are not tints of madder', () => {
		const blue = after(start, changeLinked(madder!.id, { text: '#2a4fb0' }));
		expect(blue.linked[0]).toMatchObject({ name: 'Blue', text: '#2a4fb0' });
		expect(titles(blue)).toEqual(['Tints of blue']);
		// A little redder is a madder still.
		expect(after(start, changeLinked(madder!.id, { text: '#b53a2c' })).linked[0]!.name).toBe('Madder');
	});

	it('a name or title that somebody has written stays, whatever becomes of it', () => {
		const own = after(start, renameLinked(madder!.id, 'Rose madder'), changeLinked(madder!.id, { text: '#2a4fb0' }));
		expect(own.linked[0]!.name).toBe('Rose madder');
		expect(titles(own)).toEqual(['Tints of rose madder']);
		const titled = after(
			own,
			renamePlate(own.plates[0]!.id, 'For the door'),
			changeLinked(weld!.id, { text: '#202020' })
		);
		expect(titles(titled)).toEqual(['For the door']);
	});

	it('the title of a plate of scales follows its recipe, its parents and its rows', () => {
		const plate = scalesPlateOf(start);
		const [scale] = plate.scales;
		const put = (change: Parameters<typeof decideScale>[2]) => after(start, decideScale(plate.id, scale!.id, change));
		expect(titles(put({ recipe: 'shades' }))).toEqual(['Shades of madder']);
		expect(titles(put({ recipe: 'interval' }))).toEqual(['Interval from madder to weld']);
		expect(titles(after(start, setParent(plate.id, scale!.id, 0, { text: '#123456' })))).toEqual(['Tints of #123456']);
	});

	it('every kind begins with a title of ours that names only what is on it, and follows its colour', () => {
		for (const kind of KIND_NAMES) {
			const plate = newPlate(kind, { ...start, plates: [] });
			expect(plate.titledBy, kind).toBe('machine');
			// A picture is named by itself, and has no colour of the study.
			if (sourcesOf(plate).length === 0) continue;
			// What is to be matched by eye is not told by its title.
			if (kindOf(plate).byEye?.(plate)) {
				expect(plate.title.toLowerCase(), kind).not.toContain('madder');
				continue;
			}
			expect(plate.title.toLowerCase(), kind).toContain('madder');
			const both = after(start, addPlate(plate, null));
			expect(titles(both)).toContain(plate.title);
			const turned = after(both, changeLinked(madder!.id, { text: '#2a4fb0' }));
			expect(titles(turned).join().toLowerCase(), kind).not.toContain('madder');
		}
	});

	it('a copy with a title of ours has the same, and one with a title of its own is a copy', () => {
		expect(copyOfPlate(start.plates[0]!).title).toBe('Tints of madder');
		expect(copyOfPlate({ ...start.plates[0]!, titledBy: undefined }).title).toBe('Tints of madder, copy');
	});

	it('an edit that changes no name leaves the very same study', () => {
		expect(named(start, start)).toBe(start);
		const same = { ...start, titleBlock: { ...start.titleBlock, maker: 'Ansa' } };
		expect(named(start, same)).toBe(same);
	});
});
