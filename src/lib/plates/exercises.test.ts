import { describe, expect, it } from 'vitest';
import { type LinkedColour } from '$lib/model/linked';
import { groundsPlate, mixesPlate } from '../../../tests/support/plates';
import { groundExercises } from './grounds/exercises';
import { edges } from './grounds/exercises/edges/edges';
import { oneAsTwo } from './grounds/exercises/one-as-two/one-as-two';
import { rows } from './grounds/exercises/rows/rows';
import { mapSources, sourcesOf } from './kinds';
import { mixExercises } from './mixes/exercises';
import { middle } from './mixes/exercises/middle/middle';
import { overlap } from './mixes/exercises/overlap/overlap';
import { plateSchema } from './plate';

describe('exercises of a plate', () => {
	const plate = groundsPlate(oneAsTwo, { strip: true });

	it('are changed, and found again as they were left, with what is common as it is now', () => {
		const row = groundExercises.change(plate, 'rows');
		expect(row.exercise).toEqual(rows.begin(plate));
		expect(row.aside).toEqual({ 'one-as-two': plate.exercise });
		const longer = groundExercises.set(rows, row, (settings) => ({ ...settings, count: 12 }));
		const back = groundExercises.change({ ...longer, size: 0.5 }, 'one-as-two');
		expect(back).toEqual({ ...plate, size: 0.5, aside: { rows: { ...rows.begin(plate), count: 12 } } });
		expect(groundExercises.change(back, 'rows').exercise).toMatchObject({ count: 12 });
		expect(groundExercises.change(plate, 'one-as-two')).toBe(plate);
	});

	it('are set whether they are shown, were left, or were never shown', () => {
		const shown = groundExercises.set(oneAsTwo, plate, (settings) => ({ ...settings, cover: true }));
		expect(shown).toEqual({ ...plate, exercise: { ...plate.exercise, cover: true } });
		const never = groundExercises.set(edges, plate, (settings) => ({ ...settings, measured: false }));
		expect(never).toEqual({ ...plate, aside: { edges: { name: 'edges', measured: false } } });
		const left = groundExercises.set(edges, never, (settings) => ({ ...settings, measured: !settings.measured }));
		expect(groundExercises.settingsOf(edges, left)).toEqual({ name: 'edges', measured: true });
		expect(groundExercises.on(edges, left, [])).toBeNull();
	});

	it('are each known by codes of what they would show on this plate', () => {
		expect(groundExercises.codes(plate, 'edges', [])).toEqual(['#b3392b', '#9a8f7d', '#9a8f7d', '#2f5f86']);
		expect(groundExercises.codes(plate, 'rows', []).slice(0, 2)).toEqual(['#000000', '#292929']);
		const mixed = mixesPlate(overlap);
		expect(mixExercises.codes(mixed, 'balance', [])).toEqual(['#b3392b', '#2f5f86']);
	});

	it('have no other fields than their own, and no settings under another name', () => {
		expect(plateSchema.safeParse(plate).success).toBe(true);
		for (const spoilt of [
			{ ...plate, exercise: { ...plate.exercise, line: 3 } },
			{ ...plate, exercise: { name: 'edges' } },
			{ ...plate, aside: { rows: plate.exercise } },
			{ ...plate, aside: { 'no such': plate.exercise } },
			{ ...plate, line: 3 }
		])
			expect(plateSchema.safeParse(spoilt).success).toBe(false);
	});

	it('that were left keep their colours in reach: all of them are found, and changed', () => {
		const guessed = mixesPlate(middle, { guess: { linked: 'madder000001' } });
		const left = mixExercises.change(guessed, 'overlap');
		const crossed = mixExercises.set(overlap, left, (settings) => ({
			...settings,
			crossings: [{ text: '#123456' }, null, null, null, null]
		}));
		expect(sourcesOf(crossed)).toHaveLength(4);
		const freed = mapSources(crossed, (source) => ('linked' in source ? { text: '#b3392b' } : source));
		expect(freed.aside.middle).toMatchObject({ guess: { text: '#b3392b' } });
		expect(freed.exercise).toEqual(crossed.exercise);
	});

	it('are worked out again only when the plate or one of its colours is another', () => {
		const linked = (text: string): LinkedColour[] => [{ id: 'madder000001', name: 'Madder', text }];
		const given = mixesPlate(middle, { guess: { linked: 'madder000001' } });
		const first = mixExercises.atWork(given, linked('#b3392b')).made;
		expect(mixExercises.atWork(given, linked('#b3392b')).made).toBe(first);
		expect(mixExercises.atWork(given, linked('#2f5f86')).made).not.toBe(first);
		expect(mixExercises.atWork({ ...given }, linked('#b3392b')).made).not.toBe(first);
	});
});
