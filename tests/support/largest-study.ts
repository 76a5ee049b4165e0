import { newId } from '../../src/lib/model/ids';
import { type Plate } from '../../src/lib/plates/plate';
import { MOST_SCALES } from '../../src/lib/plates/scales/schema';
import { MOST_PARENTS } from '../../src/lib/plates/scales/scale';
import { MOST_PLATES } from '../../src/lib/study/parts';
import { type StudyDocument } from '../../src/lib/study/study';
import { type PrintRequest } from '../../src/lib/study/print';
import { newStudy } from '../../src/lib/study/new-study';
import { MOST_BETWEEN } from '../../src/lib/core/scale/scale';
import { seeded } from '../../src/lib/core/seeded';

const two = (share: number): string =>
	Math.floor(share * 256)
		.toString(16)
		.padStart(2, '0');

/**
 * The largest study that the rules allow by its steps: every plate full of paths of twelve parents, mixed as paint with 48 even steps
 * between and the unbroken gradation under them. */
export function largestStudy(plates = MOST_PLATES): StudyDocument {
	const next = seeded(11);
	const colour = () => ({ text: `#${two(next())}${two(next())}${two(next())}` });
	const path = () => ({
		id: newId(),
		recipe: 'path' as const,
		parents: Array.from({ length: MOST_PARENTS }, colour),
		between: MOST_BETWEEN,
		method: 'paint' as const,
		spacing: 'differences' as const,
		look: { form: 'bars' as const, label: 'code' as const, size: 'middle' as const, turned: false, gradation: true }
	});
	const plate = (_: unknown, i: number): Plate => ({
		id: newId(),
		kind: 'scales',
		title: `Plate ${i + 1}`,
		scales: Array.from({ length: MOST_SCALES }, path)
	});
	return { ...newStudy('The largest study', ''), plates: Array.from({ length: plates }, plate) };
}

/** All of a study as it is sent to be printed. */
export const printOf = ({ titleBlock, plates, linked }: StudyDocument): PrintRequest => ({
	titleBlock,
	plates,
	linked,
	page: { paper: 'a4', across: true },
	questions: [],
	codes: false,
	reflection: ''
});
