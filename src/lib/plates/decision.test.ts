import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { decisionsOf } from '$lib/study/brief/given';
import { fieldsOf, inEveryExercise, withField } from '../../../tests/support/extremes';
import { KIND_NAMES, mapSources, sourcesOf } from './kinds';
import { newPlate } from './new-plate';
import { type Plate } from './plate';

const study = { ...newStudy('Decisions', ''), plates: [] };

/**
 * What nobody decides for whoever takes a brief up, field by field: how a thing is looked at or laid out, and the work itself. Whoever
 * adds a field adds it here only where a colour teacher would leave it open.
 */
const OPEN = [
	/^titledBy$|^label$|^line$|^taken$|^shows$|^exchanged$|^large$|^inUse$/,
	// A seed that finds the same in a picture once more.
	/^seed$/,
	// What is so of the picture that is given.
	/^picture\.(width|height)$/,
	/^known\.|^measured\./,
	/^scales\.0\.look\./,
	/^relatives\.(shown|cross)$/,
	/^exercise\.(stage|shown|revealed|covered|predicted|strip|cover|solved|measured|review)$/,
	/^checks\./
];

/** What stands at a path such as "scales.0.between", as a text. */
const at = (of: unknown, path: string): string | undefined =>
	JSON.stringify(
		path.split('.').reduce<unknown>((found, key) => (found as Record<string, unknown> | undefined)?.[key], of)
	);

const plates = KIND_NAMES.flatMap((kind) => inEveryExercise(newPlate(kind, study)));

const valuesOf = (plate: Plate): string =>
	JSON.stringify(decisionsOf(plate, study.linked).map(({ key, value }) => [key, value]));

describe.each(plates)('a plate of $name', ({ plate }) => {
	const before = valuesOf(plate);

	it('decides by every field that can be changed, but for those that are left open', () => {
		const tried = fieldsOf(plate).flatMap(({ path, ends }) =>
			ends.flatMap((end) => {
				const changed = withField(plate, path, end);
				const isOther = changed && at(changed, path) !== at(plate, path);
				return isOther ? [{ path, changed }] : [];
			})
		);
		expect(tried.length).toBeGreaterThan(0);
		const leaks = tried.filter(({ path, changed }) => {
			if (OPEN.some((open) => open.test(path) && !(path === 'seed' && plate.kind === 'pattern'))) return false;
			return valuesOf(changed) === before;
		});
		expect(leaks.map(({ path }) => path)).toEqual([]);
	});

	it('decides by each of its colours, but for those of exercises that were left', () => {
		const sheet = { ...plate, ...('aside' in plate ? { aside: {} } : {}), ground: { text: '#f4f1e8' } } as Plate;
		const held = sourcesOf(sheet).map((_, place) => {
			let i = 0;
			return valuesOf(mapSources(sheet, (source) => (i++ === place ? { text: '#12ab34' } : source)));
		});
		expect(held.length).toBeGreaterThan(0);
		expect(held.filter((values) => values === valuesOf(sheet))).toEqual([]);
	});

	it('gives each decision a key of its own and a name that can be read on', () => {
		const decisions = decisionsOf(plate, study.linked);
		expect(new Set(decisions.map(({ key }) => key)).size).toBe(decisions.length);
		for (const { key, name } of decisions) {
			expect(key.length, key).toBeLessThanOrEqual(120);
			expect(name, key).toMatch(/^[a-z].*[^.]$/);
		}
	});
});

describe('what is offered to be given', () => {
	const offered = (plate: Plate): string[] =>
		decisionsOf(plate, study.linked).flatMap(({ key, isAside }) => (isAside ? [] : [key.split('.').slice(-1)[0]!]));
	const set = (plate: Plate, fields: Readonly<Record<string, unknown>>): Plate =>
		Object.entries(fields).reduce((now, [path, value]) => {
			const changed = withField(now, path, value);
			if (!changed) throw new Error(`${path} cannot be ${JSON.stringify(value)}.`);
			return changed;
		}, plate);
	const row = (recipe: string, method = 'oklab') =>
		offered(set(newPlate('scales', study), { 'scales.0.recipe': recipe, 'scales.0.method': method }));

	it('is of a row what its recipe asks for', () => {
		expect(row('tones-rising')).toContain('endValue');
		expect(row('tones-level')).not.toContain('endValue');
		expect(row('tints')).toContain('method');
		expect(row('tints')).not.toContain('turning');
		expect(row('hue-steps')).toEqual(expect.arrayContaining(['turning', 'route']));
		expect(row('hue-steps')).not.toContain('method');
		expect(row('interval')).not.toContain('route');
		expect(row('interval', 'oklch')).toContain('route');
	});

	it('is of a wheel how it is dulled only where a ring is, and of a scheme the angles only where it is free', () => {
		const wheel = (making: string, count = 2) =>
			offered(
				set(newPlate('wheel', study), {
					'inside.recipe': 'dulling',
					'inside.count': count,
					'outside.count': 0,
					making
				})
			);
		expect(wheel('mixed', 0)).not.toContain('dulling');
		expect(wheel('mixed')).toEqual(expect.arrayContaining(['dulling', 'method']));
		expect(wheel('over')).toEqual(expect.arrayContaining(['dulling', 'discs']));
		expect(wheel('multiplied')).not.toContain('dulling');
		const scheme = newPlate('scheme', study);
		expect(offered(set(scheme, { scheme: 'complementary' }))).not.toContain('angle');
		expect(offered(set(scheme, { scheme: 'free' }))).toContain('angle');
	});
});
