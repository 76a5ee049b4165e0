import { COMMON_RULES } from '../../src/lib/core/brief/rule-words';
import { type ScaleRule } from '../../src/lib/core/brief/rules';
import { METHODS } from '../../src/lib/core/scale/mixing';
import { RECIPES } from '../../src/lib/core/scale/recipe';
import { ROUTES } from '../../src/lib/core/scale/route';
import { DULLINGS, TURNINGS } from '../../src/lib/core/scale/spec';
import { SPACINGS } from '../../src/lib/core/scale/spacing';
import { HUE_COUNTS, MAKINGS, RING_RECIPES } from '../../src/lib/core/scheme/hue-chart';
import { SCHEMES } from '../../src/lib/core/scheme/schemes';
import { WHEELS } from '../../src/lib/core/scheme/wheel';
import { newStudy } from '../../src/lib/study/new-study';
import { newPlate } from '../../src/lib/plates/new-plate';
import { ORDERS } from '../../src/lib/core/picture/order';
import { KIND_NAMES, kindOf, type Kind } from '../../src/lib/plates/kinds';
import { ordered as orderedPlaces } from '../../src/lib/plates/picture/picture-edits';
import { plateSchema, type Plate } from '../../src/lib/plates/plate';
import { seeded } from '../support/colours';
import { fieldsOf, withField } from '../support/extremes';

/** Random plates of every kind and exercise, the same from the same seed. Half of the colours are quiet ones, greys or alike. */
export function randomPlates(seed: number) {
	const next = seeded(seed);
	const oneOf = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length)]!;
	const whole = (least: number, most: number): number => least + Math.floor(next() * (most - least + 1));
	const byte = (): string => whole(0, 255).toString(16).padStart(2, '0');
	const any = (): string => `#${byte()}${byte()}${byte()}`;
	const grey = (): string => `#${byte().repeat(3)}`;
	const dye = (): string =>
		oneOf([
			'#b3392b',
			'#d9b036',
			'#2f5f86',
			'#5d7f45',
			'#e9dcc0',
			'#3c3a3f',
			'#ff0000',
			'#ffff00',
			'#0000ff',
			'#000000',
			'#ffffff'
		]);
	const wide = (): string => `oklch(${next().toFixed(2)} ${(next() * 0.35).toFixed(5)} ${whole(0, 359)})`;
	const colour = () => ({ text: oneOf([any, any, any, dye, dye, grey, wide])() });

	const rules = (): ScaleRule[] => [
		...COMMON_RULES.flatMap(({ rules }) => rules.map(({ rule }) => rule)),
		{ rule: 'recipe', is: oneOf(RECIPES) },
		{ rule: 'key', is: 'high', limit: whole(20, 95) },
		{ rule: 'value-equal', within: whole(0, 40) },
		{ rule: 'evenness', least: next() },
		{ rule: 'separation', wheel: oneOf(WHEELS), least: whole(0, 60), most: whole(60, 180) },
		{ rule: 'uses-palette', palette: [dye(), any(), grey()], within: whole(1, 20) }
	];
	const scale = (id: string) => ({
		id,
		recipe: oneOf(RECIPES),
		parents: Array.from({ length: whole(2, 4) }, colour),
		between: whole(0, 9),
		method: oneOf(METHODS),
		spacing: oneOf(SPACINGS),
		route: oneOf(ROUTES),
		wheel: oneOf(WHEELS),
		oneWay: next() < 0.4,
		dulling: oneOf(DULLINGS),
		turning: oneOf(TURNINGS),
		parentPlace: oneOf(['value', 'middle']),
		bias: next() * 2 - 1,
		endValue: whole(0, 100)
	});
	/** Some rules of colours, and others, as checks. */
	const checks = (...own: readonly object[]) => {
		const least = whole(1, 6);
		const ofColours = [
			{ rule: 'colours', least, most: least + whole(0, 6) },
			{ rule: 'all-apart', least: whole(1, 15) },
			{ rule: 'value-range', least: whole(5, 90) },
			{ rule: 'one-value', within: whole(1, 60) },
			{ rule: 'all-key', is: 'high', limit: whole(10, 80) },
			{ rule: 'all-key', is: 'low', limit: whole(10, 80) },
			{ rule: 'all-temperature', is: oneOf(['warm', 'cool', 'both']) },
			{ rule: 'of-palette', palette: [dye(), any(), grey()], within: whole(1, 40) }
		];
		const some = ofColours.filter(() => next() < 0.25);
		return [...some, ...own].map((rule, i) => ({ id: `checkofall${i}`, rule }));
	};
	const scales = (plate: object) => ({
		...plate,
		scales: [scale('scalejudge01')],
		checks: rules()
			.slice(...((i) => [i, i + 3])(whole(0, 16)))
			.map((rule, i) => ({ id: `checkjudge${i}0`, scale: 'scalejudge01', rule }))
	});
	const wheel = (plate: object) => ({
		...plate,
		checks: checks({ rule: 'on-wheel', is: oneOf(WHEELS) }, { rule: 'rings', least: whole(1, 6) }),
		wheel: oneOf(WHEELS),
		hues: oneOf(HUE_COUNTS),
		from: oneOf(['lead', 'lead-value', 'given']),
		lead: colour(),
		value: whole(0, 100),
		chroma: next() * 0.3,
		inside: { recipe: oneOf(RING_RECIPES), count: whole(0, 4) },
		outside: { recipe: oneOf(RING_RECIPES), count: whole(0, 4) },
		making: oneOf(MAKINGS),
		dulling: oneOf(DULLINGS),
		method: oneOf(METHODS),
		discStrength: 0.1 + 0.9 * next()
	});
	const scheme = (plate: object) => ({
		...plate,
		checks: checks({ rule: 'is-scheme', is: oneOf(SCHEMES) }),
		lead: colour(),
		scheme: oneOf(SCHEMES),
		wheel: oneOf(WHEELS),
		holdValue: next() < 0.5,
		others: Array.from({ length: whole(1, 6) }, () => ({
			angle: whole(0, 359),
			strength: oneOf([1, 1, 0.5, 1.4]),
			value: oneOf([0, 0, -20, 30]),
			fixed: next() < 0.2 ? colour() : null
		}))
	});
	const mixes = (plate: object) => ({
		...plate,
		checks: checks({ rule: 'overlap-transparent' }, { rule: 'attempt', within: whole(1, 40) }),
		parents: Array.from({ length: whole(2, 4) }, () => ({ colour: colour(), parts: whole(1, 6) }))
	});
	const near = (text: string) => ({ text: next() < 0.3 ? text : colour().text });
	const grounds = (plate: object) => {
		const [one, figure] = [colour(), colour()];
		return {
			...plate,
			checks: checks(
				{ rule: 'figures-identical', within: whole(0, 20) },
				{ rule: 'grounds-differ', least: whole(0, 40) },
				{ rule: 'attempt', within: whole(1, 40) }
			),
			grounds: [one, near(one.text)],
			figures: [figure, near(figure.text)],
			strengths: { value: next() * 1.2 - 0.6, colour: next() * 0.6 - 0.3 }
		};
	};
	const picture = (plate: object) => {
		const order = oneOf(ORDERS);
		const places = Array.from({ length: whole(2, 16) }, (_, i) => ({
			id: `place0${i}`,
			x: whole(0, 1439),
			y: whole(0, 959),
			text: oneOf([any, dye, grey])()
		}));
		const ordered = orderedPlaces(places, order);
		const of = ordered.map(({ text }) => text);
		const measured = { of, shares: of.map(() => 1 / of.length), difference: 20 * next(), farthest: null };
		return {
			...plate,
			...(next() < 0.5 ? { measured } : {}),
			checks: checks({ rule: 'stands-for', within: whole(1, 20) }),
			order,
			places: ordered,
			gaps: Array.from({ length: 15 }, () => whole(0, 3)),
			along: oneOf(['places', 'line'] as const),
			values: whole(2, 5)
		};
	};
	/** A design on few squares, some of whose colours lie near each other, with other climates and something to meet. */
	const pattern = (plate: object) => {
		const count = whole(2, 6);
		const first = colour();
		const colours = Array.from({ length: count }, (_, i) => ({
			id: `colour0000${i}`,
			source: i === 1 && next() < 0.4 ? near(first.text) : i === 0 ? first : colour()
		}));
		const columns = whole(2, 8);
		const letters = ['.', ...'ABCDEF'.slice(0, next() < 0.3 ? count - 1 : count)];
		const isEmpty = next() < 0.05;
		const rules = [
			{ rule: 'uses-all' },
			{ rule: 'at-most', most: whole(1, 6) },
			{ rule: 'each-share', least: oneOf([0.05, 0.1, 0.2]) },
			{ rule: 'told-apart', least: oneOf([1, 2, 5, 20]) },
			{ rule: 'palette-only', palette: [colour().text, first.text], within: oneOf([2, 10, 60]) }
		];
		return {
			...plate,
			grid: { kind: 'square', columns, stretched: false, bands: { across: [1], down: [1] } },
			colours,
			cells: isEmpty ? '' : Array.from({ length: 8000 }, () => oneOf(letters)).join(''),
			checks: [...rules.map((rule, i) => ({ id: `check00000${i}`, rule })), ...checks()],
			shows: oneOf(['design', 'climates'] as const),
			climates: ['Fog', 'Peat'].map((name, k) => ({
				id: `climate0000${k}`,
				name,
				colours: colours.map(({ source }) => (next() < 0.2 ? near(source.text) : colour()))
			})),
			exchanged: false
		};
	};
	const changed: Readonly<Record<Kind, (plate: object) => object>> = {
		scales,
		wheel,
		scheme,
		mixes,
		grounds,
		picture,
		pattern,
		matching: (plate) => ({ ...plate, paints: Array.from({ length: whole(3, 6) }, colour) })
	};

	/** What a person would set in an exercise, by its field. */
	const settings = (): Readonly<Record<string, unknown>> => ({
		guess: next() < 0.7 ? colour() : null,
		attempt: next() < 0.2 ? null : colour().text,
		lean: oneOf([0, 0, next() * 2 - 1]),
		answers: Array.from({ length: whole(0, 12) }, () => whole(0, 1)),
		twins:
			next() < 0.5
				? Array.from({ length: 12 }, () => oneOf([grey, dye])())
				: Array.from({ length: 12 }, () => '#7c7c7c'),
		crossings: Array.from({ length: 5 }, () => (next() < 0.3 ? colour() : null)),
		front: next() * 2 - 1,
		series: whole(0, 500),
		order: [0, ...Array.from({ length: 18 }, (_, i) => i + 1).sort(() => next() - 0.5), 19],
		errors: Array.from({ length: whole(1, 4) }, () => whole(0, 200)),
		strokes: Array.from({ length: whole(0, 8) }, () => ({
			from: whole(0, 11),
			to: whole(12, 23),
			strength: next(),
			brush: oneOf(['first', 'second', { field: whole(0, 23) }])
		})),
		limit: next() < 0.6 ? whole(1, 30) : null,
		texts: Array.from({ length: oneOf([1, 4, 10]) }, () => colour().text),
		stage: oneOf(['arrange', 'eye', 'checked', 'checked', 'checked']),
		attempts: Array.from({ length: whole(1, 3) }, () => ({
			texts: Array.from({ length: 6 }, () => (next() < 0.15 ? null : colour().text)),
			way: 'eye'
		}))
	});
	const withOwn = (plate: Plate): Plate =>
		Object.entries(settings()).reduce((now, [field, value]) => {
			const has = 'exercise' in now && (field in now.exercise || field === 'attempt');
			return has ? (withField(now, `exercise.${field}`, value) ?? now) : now;
		}, plate);

	/** An exercise with its own settings at random ends and places. */
	function inExercise(plate: Plate): Plate {
		const { exercises } = kindOf(plate);
		if (!exercises) return plate;
		const shown = exercises.change(plate, oneOf(exercises.names));
		const own = fieldsOf(shown).filter(({ path }) => path.startsWith('exercise.') && !path.endsWith('.name'));
		return own.reduce((now, { path, ends }) => {
			const [least, most] = ends as [unknown, unknown];
			const value = typeof least === 'number' && typeof most === 'number' && most < 1000 ? null : oneOf(ends);
			return value === null ? now : (withField(now, path, value) ?? now);
		}, withOwn(shown));
	}

	const study = newStudy('Judged', '');
	return (): Plate => {
		const kind = oneOf([...KIND_NAMES, 'mixes', 'grounds', 'scales'] as const);
		return inExercise(plateSchema.parse(changed[kind](newPlate(kind, study))));
	};
}
