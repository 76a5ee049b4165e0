import { type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { briefOf, type Brief } from '../src/lib/study/brief/brief';
import { takenUp } from '../src/lib/study/brief/take-up';
import { emptyTerms } from '../src/lib/study/brief/terms';
import { handInOf } from '../src/lib/study/handed/hand-in';
import { writeHandIn } from '../src/lib/study/handed/hand-in-file';
import { newStudy } from '../src/lib/study/new-study';
import { type StudyDocument } from '../src/lib/study/study';
import { seeded } from '../tests/support/colours';
import { scalesPlateOf } from '../tests/support/plates';

/** A brief of one plate of scales, with two checks: even steps, and five to nine between. */
export function briefOfTests(id: string, title: string, least = 0.7): StudyDocument {
	const study = newStudy(title, '2026-11-02');
	const [plate] = study.plates;
	const checks = [
		{ id: 'checkofeven0', scale: null, rule: { rule: 'evenness', least } },
		{ id: 'checkofcount', scale: null, rule: { rule: 'count', least: 5, most: 9 } }
	] as const;
	return {
		...study,
		plates: [{ ...plate!, checks: [...checks] } as StudyDocument['plates'][number]],
		brief: { ...emptyTerms(id), text: '# Even tints\n\nTint one yarn, *evenly*.', due: '2026-11-20' }
	};
}

/** One who hands in, by file, from another computer. */
export interface Student {
	readonly maker: string;
	readonly between: number;
	readonly spacing: 'differences' | 'shares';
	readonly at: string;
}

/** Made-up people who do the same work unlike, the same from the same seed. */
export function students(
	count: number,
	seed: number,
	last: readonly string[] = ['Ashdown', 'Brook', 'Crane', 'Dunmore']
): Student[] {
	const next = seeded(seed);
	const FIRST = ['Ada', 'Bram', 'Cleo', 'Dov', 'Esme', 'Finn', 'Gita', 'Hal', 'Iris', 'Jude'];
	return Array.from({ length: count }, (_, i) => ({
		maker: `${FIRST[i % FIRST.length]!} ${last[Math.floor(i / FIRST.length)]!}`,
		between: 3 + Math.floor(next() * 6),
		spacing: next() < 0.5 ? 'differences' : 'shares',
		at: `2026-11-${String(10 + (i % 9)).padStart(2, '0')}T10:00:00.000Z`
	}));
}

/** The file of a hand-in, as a student's own computer writes it. */
export function fileOf(brief: Brief, { maker, between, spacing, at }: Student, id: string): string {
	const study = takenUp(brief, { maker, date: at.slice(0, 10) });
	const plate = scalesPlateOf(study);
	const worked = { ...plate, scales: plate.scales.map((scale) => ({ ...scale, between, spacing })) };
	return writeHandIn(handInOf({ ...study, plates: [worked] }, { id, at, pictures: {} })!);
}

export const asBrief = (document: StudyDocument): Brief => briefOf(document)!;

export const json = (name: string, text: string) => ({
	name,
	mimeType: 'application/json',
	buffer: Buffer.from(text)
});

/** What a button gives as a file. */
export async function downloaded(page: Page, act: () => Promise<unknown>): Promise<{ name: string; content: string }> {
	const [download] = await Promise.all([page.waitForEvent('download'), act()]);
	return { name: download.suggestedFilename(), content: await readFile(await download.path(), 'utf8') };
}
