import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { surroundingsOf } from '$lib/plates/kinds';
import { type Shape } from '$lib/drawing/drawing';
import { linksTo } from '$lib/model/sources';
import { sourcesBy } from '$lib/model/sources';
import { drawnForm, litForm } from './exercises/lit-form/lit-form';
import { withMoved } from './exercises/sorting/sorting';
import { matchingExercises } from './exercises';
import { judgedNow } from './by-eye';
import { matchingChecks } from './plate-checks';
import { matching } from './kind';
import { newMatching } from './make';
import { checked, MOST_ATTEMPTS, unmatched, withText, type MatchState } from './match-state';
import { removePaint, setMatch, setRegion, subjectOf, stagedOf, type AnyMatched } from './matching-edits';
import { matchedAt, matchingPlaces } from './places';
import { type MatchingPlate } from './schema';

const study = { ...newStudy('Eye', ''), plates: [] };
const { linked } = study;
const plateOf = (name: string): MatchingPlate =>
	matchingExercises.change(newMatching(surroundingsOf(study)), name) as MatchingPlate;
const inStudy = (plate: MatchingPlate) => ({ ...study, plates: [plate] });
const first = ({ plates }: { plates: readonly unknown[] }): MatchingPlate => plates[0] as MatchingPlate;
const state = (plate: MatchingPlate): AnyMatched => plate.exercise as AnyMatched;
const wordsOf = (shapes: readonly Shape[]): string =>
	shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.words] : [])).join('\n');

describe('while the eye works', () => {
	it('nothing that is drawn as words, described, listed or titled tells a colour, in any exercise', () => {
		for (const name of matchingExercises.names) {
			const plate = plateOf(name);
			expect(matching.byEye(plate), name).toBe(true);
			expect(matching.colours(plate, linked), name).toEqual([]);
			for (const detail of ['full', 'question'] as const)
				expect(wordsOf(matching.draw(plate, linked, detail).shapes), name).not.toMatch(/#[0-9a-f]{6}|\d lighter|L\*/);
			expect(matching.describe(plate, linked) + matching.title(plate), name).not.toMatch(/#[0-9a-f]{6}|madder/i);
			for (const place of [matchingPlaces.first(plate, null)])
				if (place) expect(matchingPlaces.settable(plate, place, linked)?.note ?? 'still grey').toBe('still grey');
		}
	});

	it('a checked plate as a hand-out shows its subject alone: nothing of the attempt, and no number', () => {
		const plate = plateOf('lit-form');
		const done = {
			...plate,
			exercise: checked(state(plate), Array(6).fill('#123456'), [])
		} as unknown as MatchingPlate;
		const [full, question] = (['full', 'question'] as const).map((detail) => matching.draw(done, linked, detail));
		expect(wordsOf(full!.shapes)).toContain('ΔE00');
		expect(wordsOf(question!.shapes)).not.toMatch(/ΔE00|true|yours/);
		expect(JSON.stringify(question!.shapes.filter(({ kind }) => kind === 'bar'))).not.toContain('#123456');
	});
});

describe('attempts', () => {
	it('what is set is kept as it is, whatever is turned later: a linked colour that is put in is a colour of its own', () => {
		const plate = plateOf('flat-colour');
		const after = first(setRegion(plate.id, 0, { linked: linked[0]!.id })(inStudy(plate)));
		expect(state(after).texts).toEqual([linked[0]!.text]);
		expect(sourcesBy(matching.mapSources, after).slice(plate.paints.length)).not.toContainEqual({
			linked: linked[0]!.id
		});
	});

	it('an attempt is judged by what was true when it was made, whatever becomes of the subject', () => {
		const plate = plateOf('flat-colour');
		const done = first(
			setMatch(plate.id, (old) =>
				checked({ ...old, colour: { text: '#2f5f86' } } as AnyMatched, ['#2f5f86'], ['#2f5f86'])
			)(inStudy(plate))
		);
		const turned = first(
			setMatch(plate.id, (old) => ({ ...old, colour: { text: '#ff0000' } }) as AnyMatched)(inStudy(done))
		);
		const { match, at } = matchedAt(turned, linked)!;
		expect(match.regions(at)[0]!.target.hex).toBe('#ff0000');
		expect(judgedNow(match, at)[0]!.score.difference).toBe(0);
	});

	it('are kept up to a number, the newest last, and the newest is looked at', () => {
		let now: MatchState = { ...unmatched(1), limit: null };
		for (let i = 0; i < MOST_ATTEMPTS + 5; i++) now = checked(withText(now, 0, `rgb(${i} 0 0)`), [`rgb(${i} 0 0)`], []);
		expect(now.attempts).toHaveLength(MOST_ATTEMPTS);
		expect(now.attempts.at(-1)!.texts).toEqual([`rgb(${MOST_ATTEMPTS + 4} 0 0)`]);
		expect([now.shown, now.stage]).toEqual([MOST_ATTEMPTS - 1, 'checked']);
	});

	it('a limit is reached by the closest attempt, not by the last, and not by one that left a region grey', () => {
		const plate = plateOf('flat-colour');
		const target = matchedAt(plate, linked)!.match.regions(matchedAt(plate, linked)!.at)[0]!.target.hex;
		const asked = (attempts: (string | null)[]) =>
			matchingChecks.judged(
				first(
					setMatch(plate.id, (old) => ({
						...old,
						limit: 2,
						attempts: attempts.map((text) => ({ texts: [text], way: 'eye' as const }))
					}))(inStudy(plate))
				),
				linked
			)[0]!;
		expect(asked([target, '#00ff00']).holds).toBe(true);
		expect(asked(['#00ff00']).holds).toBe(false);
		expect(asked([null])).toMatchObject({ holds: false, reason: 'No attempt yet in which every region is set.' });
		expect(matchingChecks.judged(plate, linked)).toEqual([]);
	});
});

describe('subjects', () => {
	it('another one is another colour from grey; begun anew it is the same one from grey', () => {
		for (const name of matchingExercises.names) {
			const plate = plateOf(name);
			const { another, fresh } = subjectOf(plate);
			const next = another(fresh(stagedOf(plate)), stagedOf(plate).seed + 1);
			if (name !== 'picture-place') expect(next, name).not.toEqual(stagedOf(plate));
			expect(fresh(stagedOf(plate)).seed, name).toBe(stagedOf(plate).seed);
		}
	});

	it('a lit form keeps its degree when a colour is only linked elsewhere, and loses it when a light is set by hand', () => {
		const plate = plateOf('lit-form');
		const drawn = { ...plate, exercise: drawnForm(plate.exercise as Parameters<typeof drawnForm>[0], 2, 5) };
		const mapped = matching.mapSources(drawn, (source) => ({ ...source }));
		expect(mapped.exercise).toMatchObject({ degree: 2 });
		const [object] = litForm.subject.colours;
		expect(object!.put(drawn.exercise, { text: '#00ff00' })).toMatchObject({
			degree: null,
			object: { text: '#00ff00' }
		});
	});

	it('a paint that is put away goes out of every mixture, and three are the fewest', () => {
		const plate = plateOf('flat-colour');
		const mixed = first(
			setMatch(plate.id, (old) => ({ ...old, way: 'paint', parts: [plate.paints.map((_, i) => i)] }))(inStudy(plate))
		);
		const fewer = first(removePaint(plate.id, 1)(inStudy(mixed)));
		expect(state(fewer).parts[0]).toEqual([0, 2, 3, 4].slice(0, plate.paints.length - 1));
		const least = { ...mixed, paints: mixed.paints.slice(0, 3) };
		expect(first(removePaint(plate.id, 0)(inStudy(least))).paints).toHaveLength(3);
	});

	it('paints are held only while the subject is put together: by eye they would change a colour of the study', () => {
		const plate = plateOf('flat-colour');
		const set = (stage: 'arrange' | 'eye') =>
			first(setMatch(plate.id, (old) => ({ ...old, way: 'paint', stage }))(inStudy(plate)));
		const place = { what: 'paint', key: '2' } as const;
		expect(matchingPlaces.has(set('arrange'), place)).toBe(true);
		const { source } = matchingPlaces.settable(set('arrange'), place, linked)!;
		expect(linksTo(source, linked[0]!.id)).toBe(true);
		expect(matchingPlaces.has(set('eye'), place)).toBe(false);
		expect(matchingPlaces.settable(set('eye'), place, linked)).toBeNull();
	});
});

it('a chip is moved between the others; both ends stay where they are', () => {
	const order = Array.from({ length: 20 }, (_, i) => i);
	expect(withMoved(order, 4, 7).slice(3, 9)).toEqual([3, 5, 6, 7, 4, 8]);
	expect(withMoved(order, 4, 0).slice(0, 3)).toEqual([0, 4, 1]);
	expect(withMoved(order, 4, 40).at(-1)).toBe(19);
	expect(withMoved(order, 0, 5)).toEqual(order);
	expect(withMoved(order, 19, 5)).toEqual(order);
});
