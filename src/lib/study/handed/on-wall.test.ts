import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/core/problem';
import { readCsv } from '$lib/core/format/csv';
import { kindOf } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { type Plate } from '$lib/plates/plate';
import { briefOf } from '../brief/brief';
import { fingerprintOf } from '../brief/fingerprint';
import { takenUp } from '../brief/take-up';
import { scalesPlateOf } from '../../../../tests/support/plates';
import { emptyTerms } from '../brief/terms';
import { newStudy } from '../new-study';
import { type StudyDocument } from '../study';
import { classColours, comparedOf, type WhichColours } from './class-at-once';
import { handInOf, type HandIn } from './hand-in';
import { marksCsv } from './marks-csv';
import {
	inOrderOfBriefs,
	isLate,
	meanColour,
	missingNames,
	mostMissed,
	nameKey,
	newestOfEach,
	wallOrder
} from './on-wall';
import { envelopeOf, type HandInLine } from './requests';

const start = newStudy('Four intervals', '2026-11-02');
const handedIn = (study: StudyDocument, id: string, maker: string, at: string): HandIn => {
	const brief = briefOf({ ...study, brief: { ...emptyTerms('briefoftests'), words: 3 } })!;
	return handInOf(takenUp(brief, { maker, date: '2026-11-15' }), { id, at, pictures: {} })!;
};
const AT = '2026-11-15T10:10:00.000Z';
const one = handedIn(start, 'handinoftest', 'Ines Marlow', AT);

/** What is known of a hand-in without reading it. */
const outside = (content: HandIn) => ({ ...envelopeOf({ content, asWritten: true }), study: null });

describe('the wall', () => {
	const line = (
		maker: string,
		at: string,
		held = 1,
		asked = 1,
		id = fingerprintOf(maker + at).slice(0, 12)
	): HandInLine => {
		return {
			...outside(one),
			...{ id, maker, at, held, asked },
			revision: 1,
			given: { notes: [], mark: '' },
			seen: false,
			returned: null
		};
	};
	const makers = (sort: Parameters<typeof wallOrder>[0], lines: HandInLine[], meanOf = () => null as never) =>
		[...lines].sort(wallOrder(sort, meanOf)).map(({ maker }) => maker);

	it('hangs by last name, by date, and by the share of checks that hold', () => {
		const lines = [
			line('Kit Aldous', '2026-11-19T10:00:00.000Z', 1, 4),
			line('Ines Marlow', '2026-11-15T10:00:00.000Z', 2, 4),
			line('Yuki Asanuma', '2026-11-18T10:00:00.000Z', 4, 4)
		];
		expect(makers('name', lines)).toEqual(['Kit Aldous', 'Yuki Asanuma', 'Ines Marlow']);
		expect(makers('date', lines)).toEqual(['Ines Marlow', 'Yuki Asanuma', 'Kit Aldous']);
		expect(makers('checks', lines)).toEqual(['Yuki Asanuma', 'Ines Marlow', 'Kit Aldous']);
	});

	it('hangs by what was made: light before dark, by hue, strong before quiet; what has no colour last', () => {
		const means = new Map(
			[
				['Dark Red', '#5a1d16'],
				['Light Blue', '#9cc3e6'],
				['Grey', '#777777']
			].map(([maker, text]) => {
				const plate = {
					...newPlate('mixes', start),
					parents: [text!, text!].map((each) => ({ colour: { text: each }, parts: 1 }))
				};
				return [maker!, meanColour({ ...one, study: { ...one.study, plates: [plate as Plate] } }, null)!];
			})
		);
		const lines = ['None', 'Grey', 'Light Blue', 'Dark Red'].map((maker) => line(maker, AT));
		const meanOf = (id: string) => means.get(lines.find((each) => each.id === id)!.maker) ?? null;
		const order = (sort: 'value' | 'strength') => [...lines].sort(wallOrder(sort, meanOf)).map(({ maker }) => maker);
		expect(order('value')).toEqual(['Light Blue', 'Grey', 'Dark Red', 'None']);
		expect(order('strength')).toEqual(['Dark Red', 'Light Blue', 'Grey', 'None']);
		expect(means.get('Dark Red')!.hue).toBeLessThan(60);
		expect(means.get('Light Blue')!.hue).toBeGreaterThan(200);
	});

	it('of one maker the newest hangs, with those before it behind it', () => {
		const lines = [
			line('Noor Halabi', '2026-11-16T10:00:00.000Z'),
			line('noor halabi', '2026-11-20T10:00:00.000Z'),
			line('Owen Hathers', AT)
		];
		const wall = newestOfEach(lines);
		expect(wall).toHaveLength(2);
		expect(wall[0]).toEqual({ line: lines[1], older: [lines[0]] });
	});

	it('a portfolio goes brief by brief, whatever was handed in again between', () => {
		const of = (brief: string, day: number) => ({ ...line('Ines Marlow', `2026-11-${day}T10:00:00.000Z`), brief });
		const lines = [of('briefoffirst', 18), of('briefofsecon', 14), of('briefoffirst', 11)];
		expect(inOrderOfBriefs(lines).map(({ brief, at }) => [brief, at.slice(8, 10)])).toEqual([
			['briefoffirst', '11'],
			['briefoffirst', '18'],
			['briefofsecon', '14']
		]);
	});

	it('names are the same whatever their case, accents and order', () => {
		expect(nameKey('Calado, Béatriz')).toBe(nameKey('beatriz calado'));
		expect(nameKey(' ✿ ')).toBe('✿');
		expect(newestOfEach([line('✿', AT), line('☂', AT)])).toHaveLength(2);
		const lines = [line('Beatriz Calado', AT)];
		expect(missingNames(['Calado, Beatriz', 'Sven Torvik', ''], lines)).toEqual(['Sven Torvik']);
	});

	it('says what was missed by the most', () => {
		expect(mostMissed([one, one])).toEqual({ asks: 'A reflection of 3 words or more', by: 2 });
		expect(mostMissed([{ ...one, asked: [] }])).toBeNull();
	});
});

describe('the class at once', () => {
	it('has one colour of each, or all, where it lies seen from above and how light it is (culori 4.0.2)', () => {
		const [first, other] = ['#b3392b', '#2f5f86'].map((text) => ({
			...one,
			study: {
				...one.study,
				plates: [
					{
						...newPlate('mixes', start),
						parents: [text, '#808080'].map((each) => ({ colour: { text: each }, parts: 1 }))
					} as Plate
				]
			}
		}));
		const all = classColours([first!, other!], () => 0, { of: 'one', at: 0 });
		expect(all.map(({ maker, hex }) => [maker, hex])).toEqual([
			['Ines Marlow', '#b3392b'],
			['Ines Marlow', '#2f5f86']
		]);
		for (const { hex, a, b, value } of all) {
			const real = converter('oklab')(hex)!;
			expect([a, b]).toEqual([expect.closeTo(real.a, 4), expect.closeTo(real.b, 4)]);
			expect(value).toBeCloseTo(converter('lab65')(hex)!.l, 1);
		}
		expect(classColours([first!], () => 0, { of: 'all' }).length).toBeGreaterThan(2);
		expect(classColours([first!], () => -1, { of: 'all' })).toEqual([]);
	});

	it('has the parents of a row, or every step of it, however many steps each of them made', () => {
		const plate = scalesPlateOf(start);
		const madeOf = (between: number, parents: readonly string[]): HandIn => {
			const row = { ...plate.scales[0]!, recipe: 'path' as const, between, parents: parents.map((text) => ({ text })) };
			return { ...one, study: { ...one.study, plates: [{ ...plate, scales: [plate.scales[0]!, row] }] } };
		};
		const made = [madeOf(3, ['#b3392b', '#d9b036', '#2f5f86']), madeOf(9, ['#45424f', '#e9dcc0'])];
		const hexes = (which: WhichColours) => classColours(made, () => 0, which).map(({ hex }) => hex);
		expect(hexes({ of: 'parents', row: 1 })).toEqual(['#b3392b', '#d9b036', '#2f5f86', '#45424f', '#e9dcc0']);
		expect(hexes({ of: 'row', row: 1 })).toHaveLength(5 + 11);
		expect(hexes({ of: 'parents', row: 2 })).toEqual([]);
		const words = comparedOf({ ...plate, scales: [plate.scales[0]!, plate.scales[0]!] }, start.linked).map(
			(each) => each.words
		);
		expect(words).toEqual([
			'all colours',
			'row 1: parents',
			'row 1: every step',
			'row 2: parents',
			'row 2: every step'
		]);
		expect(comparedOf(newPlate('grounds', start), start.linked)[1]).toEqual({
			which: { of: 'one', at: 0 },
			words: '1. First ground'
		});
	});
});

describe('what is late', () => {
	it('is what came after the day on which it was due, and nothing where no day is set', () => {
		expect(isLate('2026-11-20T23:59:59.999Z', '2026-11-20')).toBe(false);
		expect(isLate('2026-11-21T00:00:00.000Z', '2026-11-20')).toBe(true);
		expect(isLate('2027-01-02T10:00:00.000Z', '2026-12-31')).toBe(true);
		expect(isLate('2026-11-21T00:00:00.000Z', '')).toBe(false);
	});
});

describe('marks as CSV (RFC 4180)', () => {
	it('has a row for each, a column for each check, and is read as a table; no cell is a formula', () => {
		const maker = '=HYPERLINK("http://elsewhere.example")';
		const row = {
			...outside(one),
			maker,
			revision: 1,
			given: { notes: [], mark: 'good, "nearly"' },
			seen: true,
			returned: null
		};
		const text = marksCsv([{ line: row, handIn: one, isLate: true }]);
		const [head, first] = text.split('\r\n');
		expect(head).toBe('name,handed in,late,checks held,checks asked,mark,A reflection of 3 words or more');
		expect(first).toBe(
			`"'=HYPERLINK(""http://elsewhere.example"")",${AT},late,0,1,"good, ""nearly""",does not hold: It has 0.`
		);
		expect(() => readCsv(text), 'it is no list of colours').toThrow(Problem);
	});

	it('every plate of the brief has its number before its checks', () => {
		const asked = start.plates.reduce<StudyDocument>(
			(study, plate) => kindOf(plate).checks.offered(plate)[0]!.checks[0]!.add(null)(study),
			start
		);
		const made = handedIn(asked, 'handinofmark', 'Kit Aldous', AT);
		const row = { ...outside(made), revision: 1, given: { notes: [], mark: '' }, seen: true, returned: null };
		expect(marksCsv([{ line: row, handIn: made, isLate: false }]).split('\r\n')[0]).toContain(
			'"1. Evenness 0.8 or more, every row"'
		);
	});
});
