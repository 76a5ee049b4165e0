import { expect, it } from 'vitest';
import { newPlate } from '$lib/plates/new-plate';
import { scalesPlateOf } from '../../../tests/support/plates';
import { setTitleBlock } from './edits';
import { newStudy } from './new-study';
import { sayUses, usesOf } from './uses';

const study = newStudy('Uses', '');
const [madder, , woad] = study.linked;
const scale = scalesPlateOf(study).scales[0]!;
const first = { ...scalesPlateOf(study), scales: [scale, { ...scale, id: 'otherscale01' }] };
const grounds = { ...newPlate('grounds', study), title: 'On madder' };

it('uses are counted thing by thing, and said kind by kind with the plates that they are on', () => {
	const uses = usesOf(madder!.id, { plates: [first, newPlate('wheel', study), grounds] });
	expect(uses.count).toBe(4);
	expect(uses.said).toEqual(['2 scales', '1 wheel', '1 plate of grounds']);
	expect(uses.plates.map(({ title }) => title)).toEqual([first.title, expect.any(String), 'On madder']);
	expect(uses.plates[2]!.id).toBe(grounds.id);
	expect(sayUses(uses)).toBe('used in 2 scales, 1 wheel and 1 plate of grounds on 3 plates');
	expect(sayUses(usesOf(madder!.id, { plates: [first] }))).toBe('used in 2 scales on 1 plate');
	expect(sayUses(usesOf(woad!.id, { plates: [first] }))).toBe('not used yet');
});

it('a title block is set, and nothing else', () => {
	const titleBlock = { title: 'Other', maker: 'Ilse Marram', course: '', unit: '', date: '' };
	expect(setTitleBlock(titleBlock)(study)).toEqual({ ...study, titleBlock });
});
