import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/core/problem';
import { drawPlate } from '$lib/plates/draw-plate';
import { KIND_NAMES } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { inEveryExercise } from '../../../../tests/support/extremes';
import { seeded } from '../../../../tests/support/colours';
import { briefOf } from '../brief/brief';
import { writeBriefFile } from '../brief/brief-file';
import { fingerprintOf } from '../brief/fingerprint';
import { takenUp } from '../brief/take-up';
import { emptyTerms } from '../brief/terms';
import { newStudy } from '../new-study';
import { readAnyOurs } from '../read-ours';
import { type StudyDocument } from '../study';
import { drawnOtherwise, handInOf, type HandIn } from './hand-in';
import { readHandIn, writeHandIn } from './hand-in-file';
import { givenBack, readReturned, writeReturned } from './returned';
import { frozen, storedDrawingSchema, thawed } from './stored-drawing';

const start = newStudy('Four intervals', '2026-11-02');
const handedIn = (study: StudyDocument, id: string, maker: string, at: string): HandIn => {
	const brief = briefOf({ ...study, brief: { ...emptyTerms('briefoftests'), words: 3 } })!;
	return handInOf(takenUp(brief, { maker, date: '2026-11-15' }), { id, at, pictures: {} })!;
};
const AT = '2026-11-15T10:10:00.000Z';
const one = handedIn(start, 'handinoftest', 'Ines Marlow', AT);
const problemOf = (read: () => unknown): string => {
	try {
		read();
	} catch (error) {
		if (error instanceof Problem) return error.message;
		throw error;
	}
	throw new Error('nothing was refused');
};

describe('a plate that is frozen', () => {
	const all = KIND_NAMES.flatMap((kind) => inEveryExercise(newPlate(kind, start)));

	it.each(all.map(({ name, plate }) => [name, plate] as const))(
		'%s is drawn exactly as it was, through a file',
		(_, plate) => {
			const drawing = drawPlate(plate, start.linked, 'full');
			const through = thawed(storedDrawingSchema.parse(JSON.parse(JSON.stringify(frozen(drawing)))));
			expect(through).toEqual(JSON.parse(JSON.stringify(drawing), revived(drawing)));
		}
	);

	/** Pixels are no JSON: they are put back as they were. */
	function revived(drawing: ReturnType<typeof drawPlate>) {
		let next = 0;
		const rasters = drawing.shapes.filter(({ kind }) => kind === 'raster');
		return (key: string, value: unknown): unknown => {
			if (key !== 'codes' || Array.isArray(value)) return value;
			return (rasters[next++] as { codes: Uint32Array }).codes;
		};
	}

	it('with a raster that is no PNG of ours keeps all else', () => {
		const [bar] = frozen(drawPlate(start.plates[0]!, start.linked, 'full')).shapes;
		const raster = { kind: 'raster', x: 0, y: 0, width: 10, height: 10, png: 'data:image/png;base64,AAAA' } as const;
		const stored = { title: 'T', width: 100, height: 100, paper: '#ffffff', shapes: [bar!, raster] };
		expect(thawed(storedDrawingSchema.parse(stored)).shapes).toEqual([bar]);
	});

	it('is refused where a colour, a path or a number is none', () => {
		const whole = frozen(drawPlate(start.plates[0]!, start.linked, 'full'));
		const bad = (shape: object) => storedDrawingSchema.safeParse({ ...whole, shapes: [shape] }).success;
		const bar = { kind: 'bar', x: 0, y: 0, width: 1, height: 1, fill: '#b3392b' };
		expect(bad(bar)).toBe(true);
		expect(
			[
				{ ...bar, fill: 'url(#x)' },
				{ ...bar, x: 1e9 },
				{ ...bar, more: 1 }
			].map(bad)
		).toEqual([false, false, false]);
		expect(bad({ kind: 'area', path: 'M0 0"><script>', fill: '#b3392b' })).toBe(false);
	});
});

describe('a hand-in', () => {
	it('holds the study, its brief with the fingerprint, each plate as it was drawn, and what came of each check', () => {
		expect(one.brief).toEqual({
			id: 'briefoftests',
			title: 'Four intervals',
			fingerprint: fingerprintOf(one.study.answers)
		});
		expect(one.drawings).toHaveLength(one.study.plates.length);
		expect(one.asked.at(-1)).toMatchObject({ asks: 'A reflection of 3 words or more', holds: false });
		expect(handInOf(start, { id: 'handinoftest', at: AT, pictures: {} })).toBeNull();
	});

	it('comes back from its file as it was; one that was changed by hand is read and said to be', () => {
		const text = writeHandIn(one);
		expect(readHandIn(text)).toEqual({ content: JSON.parse(JSON.stringify(one)) as HandIn, asWritten: true });
		const changed = text.replace('Ines Marlow', 'Ines Marlowe');
		expect(readHandIn(changed)).toMatchObject({ content: { maker: 'Ines Marlowe' }, asWritten: false });
		expect(readAnyOurs(text).what).toBe('hand-in');
	});

	it('of the first version, which kept no measured numbers beside its verdicts, is read as it was written', () => {
		const asked = one.asked.map(({ plate, asks, of, holds, reason }) => ({ plate, asks, of, holds, reason }));
		const handIn = { ...one, asked };
		const text = JSON.stringify({ format: 'ricercar hand-in', version: 1, handIn, fingerprint: fingerprintOf(handIn) });
		const { content, asWritten } = readHandIn(text);
		expect(asWritten).toBe(true);
		expect(content).toEqual({ ...one, asked: one.asked.map((each) => ({ ...each, figure: null })) });
		expect(problemOf(() => readHandIn(text.replace('"version":1', '"version":2')))).toContain('figure');
	});

	it('says how many plates this version would draw and judge otherwise', () => {
		expect(drawnOtherwise(one)).toEqual({ plates: 0, checks: 0 });
		const [first, ...others] = one.drawings;
		const otherDrawn = { ...one, drawings: [{ ...first!, paper: '#101010' }, ...others] };
		const otherJudged = { ...one, asked: one.asked.map((each) => ({ ...each, holds: !each.holds })) };
		expect(drawnOtherwise(otherDrawn)).toEqual({ plates: 1, checks: 0 });
		expect(drawnOtherwise(otherJudged)).toEqual({ plates: 0, checks: one.asked.length });
	});

	it('is refused where it answers another brief than its study does, or lacks a drawing', () => {
		const refused = (change: Partial<HandIn>) => problemOf(() => readHandIn(writeHandIn({ ...one, ...change })));
		expect(refused({ brief: { ...one.brief, id: 'anotherbrief' } })).toContain('the brief that its study answers');
		expect(refused({ drawings: [] })).toContain('a drawing of each plate');
		expect(refused({ maker: '' })).toContain('handIn › maker');
	});
});

describe('a return', () => {
	const note = {
		id: 'noteoftests0',
		plate: one.study.plates[0]!.id,
		at: { name: '', x: 0.4, y: 0.2 },
		text: 'It leaps.'
	};
	const returned = givenBack(
		{ id: one.id, maker: one.maker, given: { notes: [note], mark: 'nearly there' } },
		one.study.answers!,
		{ by: 'Odile Tarn', at: AT }
	);

	it('comes back from its file with its notes and mark', () => {
		expect(readReturned(writeReturned(returned))).toEqual({ content: returned, asWritten: true });
		expect(readAnyOurs(writeReturned(returned)).what).toBe('return');
		expect(returned).toMatchObject({ handIn: 'handinoftest', brief: { id: 'briefoftests' }, mark: 'nearly there' });
	});
});

describe('hostile files', () => {
	/** Values that nobody writes, in the place of any that stands in a file. */
	const STRANGE: readonly unknown[] = [
		null,
		'',
		-1,
		1e308,
		[],
		{},
		'x'.repeat(5000),
		'\u0000',
		'../../etc/passwd',
		'<img src=x onerror=alert(1)>',
		true,
		[[[[[[]]]]]],
		{ constructor: { prototype: 1 } },
		Number.MAX_SAFE_INTEGER
	];

	/** The same thing with something strange somewhere within. */
	function mutated(value: unknown, next: () => number): unknown {
		const strange = () => STRANGE[Math.floor(next() * STRANGE.length)];
		if (typeof value !== 'object' || value === null || next() < 0.12) return strange();
		const keys = Object.keys(value);
		if (keys.length === 0) return strange();
		const key = keys[Math.floor(next() * keys.length)]!;
		const within = mutated((value as Record<string, unknown>)[key], next);
		const copy = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
		if (next() < 0.1) return Array.isArray(copy) ? copy.slice(1) : Object.fromEntries(Object.entries(copy).slice(1));
		(copy as Record<string, unknown>)[key] = within;
		return copy;
	}

	it('5000 changed briefs, hand-ins and returns are read as they may be, or refused with words and a reason', () => {
		const next = seeded(19);
		const brief = one.study.answers!;
		const returned = givenBack({ id: one.id, maker: 'M', given: { notes: [], mark: '' } }, brief, { by: '', at: AT });
		const files = [writeBriefFile(brief), writeHandIn(one), writeReturned(returned)].map(
			(text) => JSON.parse(text) as object
		);
		let refused = 0;
		for (let i = 0; i < 5000; i++) {
			let text = JSON.stringify(mutated(files[i % files.length], next));
			if (next() < 0.1) text = text.slice(0, Math.floor(next() * text.length));
			try {
				readAnyOurs(text);
			} catch (error) {
				if (!(error instanceof Problem)) throw error;
				expect(error.message.length).toBeGreaterThan(8);
				expect(error.expected).not.toBe('');
				refused++;
			}
		}
		expect(refused).toBeGreaterThan(3000);
	});

	it('what is nested without end is refused, and nothing breaks', () => {
		const deep = `${'['.repeat(200_000)}${']'.repeat(200_000)}`;
		for (const format of ['ricercar brief', 'ricercar hand-in', 'ricercar return'])
			for (const field of ['brief', 'handIn', 'returned'])
				expect(problemOf(() => readAnyOurs(`{"format":"${format}","version":1,"${field}":${deep}}`))).not.toBe('');
	});
});
