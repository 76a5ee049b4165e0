import { describe, expect, it } from 'vitest';
import { fit } from '../../src/lib/core/colour/shown';
import { judgedPair } from '../../src/lib/core/matching/judging';
import { scoreMatch } from '../../src/lib/core/matching/score';
import { type Triple } from '../../src/lib/core/colour/vector';
import { readHues, remarksOnChart } from '../../src/lib/core/scheme/chart-readings';
import { readScheme, remarksOnScheme } from '../../src/lib/core/scheme/scheme-readings';
import { SENTENCE_KEYS, type SentenceKey } from '../../src/lib/core/sentence-keys';
import { seenColour } from '../../src/lib/core/ground/on-ground';
import { kindOf } from '../../src/lib/plates/kinds';
import { type Plate } from '../../src/lib/plates/plate';
import { textOf } from '../../src/lib/model/resolve';
import { groundExercises } from '../../src/lib/plates/grounds/exercises';
import { mixExercises } from '../../src/lib/plates/mixes/exercises';
import { saidOfChecks } from './said-of-checks';
import { saidOfMatching, saidOfPractice } from './said-of-matching';
import { saidOfPattern } from './said-of-pattern';
import { judgeScales } from '../../src/lib/plates/scales/judge';
import { remarksOfScale } from '../../src/lib/plates/scales/remarks-of';
import { scaleOf, usedParents } from '../../src/lib/plates/scales/scale-of';
import { schemeOf } from '../../src/lib/plates/scheme/scheme-of';
import { chartOf, chartSpecOf, hueRing } from '../../src/lib/plates/wheel/chart-of';
import { hueName } from '../../src/lib/plates/wheel/cell-names';
import { areaShares } from '../../src/lib/plates/mixes/exercises/optical/pattern';
import { parentName } from '../../src/lib/plates/mixes/parents';
import { seeded } from '../support/colours';
import { EXERCISE_JUDGES, NOTHING_SHOWN, type ShownExercise } from './exercises';
import { randomPlates } from './random-plates';
import { chromaOf, exact, isGrey, linearOf, numbersIn, valueOf, type Reckoned } from './reckon';
import { RULE_JUDGES } from './rules';
import { SCALE_JUDGES, type ShownScale } from './scales';
import { SCHEME_JUDGES, WHEEL_JUDGES } from './schemes';

type PlateOf<K extends Plate['kind']> = Extract<Plate, { kind: K }>;

/** A sentence with whether what it claims is so. */
interface Judged {
	readonly key: SentenceKey;
	readonly words: string;
	readonly so: boolean;
}

const numbersWhere = <T>(all: readonly T[], fits: (each: T) => boolean): number[] =>
	all.flatMap((each, i) => (fits(each) ? [i + 1] : []));

function ofScales(plate: PlateOf<'scales'>): Judged[] {
	const [decision] = plate.scales;
	const { steps, leaps } = scaleOf(decision!, []);
	const scale: ShownScale = {
		recipe: decision!.recipe,
		steps: steps.map(({ linear }) => exact(linear)),
		parents: usedParents(decision!).map((source) => exact(linearOf(textOf(source, [])))),
		leaps: leaps.map(({ step }) => (step === 1 ? 0 : steps.length - 2)),
		mapped: numbersWhere(steps, ({ mapped }) => mapped)
	};
	const remarks = remarksOfScale(decision!, [], [1, 1, 1]).map(({ key, words }): Judged => {
		const judge = SCALE_JUDGES[key as keyof typeof SCALE_JUDGES];
		return { key, words, so: judge(words, scale) };
	});
	const verdicts = judgeScales(plate, []).map(({ key, reason, holds, check }): Judged => {
		const judge = RULE_JUDGES[key as keyof typeof RULE_JUDGES];
		return { key, words: reason, so: judge(reason, { scale, rule: check.rule, holds }) };
	});
	return [...remarks, ...verdicts];
}

function ofWheel(plate: PlateOf<'wheel'>): Judged[] {
	const chart = chartOf(plate, []);
	const hues = chart.map(({ steps }) => steps[hueRing(plate)]!);
	const names = chart.map(({ angle, steps }) => hueName(plate, angle, steps));
	const rings = chart.map(({ steps }) => [
		...(plate.inside.recipe === 'dulling' ? steps.slice(0, plate.inside.count) : []),
		...(plate.outside.recipe === 'dulling' ? steps.slice(plate.inside.count + 1) : [])
	]);
	const shown = {
		colours: hues.map(({ linear }) => exact(linear)),
		mapped: numbersWhere(hues, ({ mapped }) => mapped),
		names,
		dulled: rings.map((row) => row.map(({ linear }) => exact(linear)))
	};
	return remarksOnChart(readHues(hues), names, chartSpecOf(plate, []), chart).map(({ key, words }) => {
		const judge = WHEEL_JUDGES[key as keyof typeof WHEEL_JUDGES];
		return { key, words, so: judge(words, shown) };
	});
}

function ofScheme(plate: PlateOf<'scheme'>): Judged[] {
	const { members } = schemeOf(plate, []);
	const shown = {
		colours: members.map(({ linear }) => exact(linear)),
		mapped: numbersWhere(members, ({ mapped }) => mapped)
	};
	return remarksOnScheme(readScheme(members), members).map(({ key, words }) => {
		const judge = SCHEME_JUDGES[key as keyof typeof SCHEME_JUDGES];
		return { key, words, so: judge(words, shown) };
	});
}

const reckoned = (patch: { readonly linear: readonly number[] }): Reckoned => exact(patch.linear);

/** What a plate of grounds shows, as far as its sentences speak of it. */
function shownGrounds(plate: PlateOf<'grounds'>): ShownExercise {
	const { settings, made: any } = groundExercises.atWork(plate, []);
	const made = any as Record<string, never>;
	const grounds = plate.grounds.map((source) => linearOf(textOf(source, [])));
	const pair = (Array.isArray(made.pair) ? made.pair : null) as { figure: never; ground: never; looks: never }[] | null;
	const seen = pair
		? pair.map(({ figure, ground, looks }) => ({
				figure: reckoned(figure),
				ground: reckoned(ground),
				looks: reckoned(looks)
			}))
		: grounds.map((ground) => ({ figure: exact(ground), ground: exact(ground), looks: exact(ground) }));
	const solution =
		typeof made.solution === 'function' ? (made.solution as () => { linear: Triple; fits: boolean })() : null;
	const series = settings as unknown as { series: number; twins: string[]; answers: number[] };
	const result = (made.result ?? null) as {
		strengths: { value: number; colour: number };
		spread: { value: number; colour: number };
	} | null;
	return {
		...NOTHING_SHOWN,
		seen,
		solution: solution && exact(solution.linear),
		solutionSeen: solution
			? grounds.map((ground) => exact(fitted(seenColour(solution.linear, ground, plate.strengths))))
			: [],
		solutionFits: solution?.fits ?? true,
		shifts: Array.isArray(any) ? (any as { value: number }[]).map(({ value }) => value) : [],
		judged: (series.answers ?? []).map((answer, round) => {
			const { colours, lighter } = judgedPair(series.series, round);
			const values = colours.map((colour) => valueOf(exact(colour)));
			return {
				apart: Math.abs(values[0]! - values[1]!),
				right: answer === lighter && values[lighter]! > values[1 - lighter]!
			};
		}),
		contrast: result && { ...result.strengths, spreads: [result.spread.value, result.spread.colour] }
	};
}

const fitted = (linear: Triple): Triple => fit({ space: 'srgb-linear', channels: linear, alpha: 1 }).linear;

function shownMixes(plate: PlateOf<'mixes'>): ShownExercise {
	const { settings, made: any } = mixExercises.atWork(plate, []);
	const made = any as Record<string, never>;
	const { pattern } = settings as unknown as { pattern?: never };
	const shares = pattern ? areaShares(pattern, plate.parents.length) : plate.parents.map(({ parts }) => parts);
	const patches = (list: unknown): Reckoned[] => ((list ?? []) as { linear: Triple }[]).map(reckoned);
	const one = (patch: unknown): Reckoned | null => (patch ? reckoned(patch as { linear: Triple }) : null);
	const mixes = (made.mixes ?? {}) as Record<string, { linear: Triple; mapped: boolean }>;
	return {
		...NOTHING_SHOWN,
		parents: plate.parents.map(({ colour }, i) => ({
			colour: exact(linearOf(textOf(colour, []))),
			name: parentName(plate, i, []),
			parts: shares[i]!
		})),
		mixes: mixExercises
			.colours(plate, [])
			.slice(-Object.keys(mixes).length)
			.map(({ name }, i) => {
				const { linear, mapped } = Object.values(mixes)[i] ?? { linear: [0, 0, 0] as Triple, mapped: false };
				return { name, colour: exact(linear), clipped: mapped };
			}),
		crossings: patches(made.crossings),
		middle: one(made.middle),
		mixture: one(made.mean ?? (made.linear ? any : null)),
		guess: one(made.guess),
		strokes: patches(made.strokes),
		tree: ((made.tree ?? []) as unknown[]).map(patches)
	};
}

function ofExercise(plate: PlateOf<'mixes'> | PlateOf<'grounds'>): Judged[] {
	const shown = plate.kind === 'grounds' ? shownGrounds(plate) : shownMixes(plate);
	const remarks =
		plate.kind === 'grounds'
			? groundExercises.of(plate).remarks(groundExercises.atWork(plate, []))
			: mixExercises.of(plate).remarks(mixExercises.atWork(plate, []));
	return remarks.map(({ key, words }) => {
		const judge = EXERCISE_JUDGES[key as keyof typeof EXERCISE_JUDGES];
		return { key, words, so: judge(words, shown) };
	});
}

/** Words that a list of colours may say of a colour, by its value and chroma. */
function nameIsSo(name: string, code: string): boolean {
	const value = valueOf(code);
	const base = name.split(', ').at(-1)!;
	// A code of a near-black can have more chroma than the colour that it rounds.
	const grey = !/\b(grey|black|white)$/.test(base) || isGrey(code) || chromaOf(code) < (value < 12 ? 0.06 : 0.023);
	const light = !/^light /.test(base) || value > 60;
	const dark = !/^dark /.test(base) || value < 45;
	return grey && light && dark && !(base === 'black' && value > 15) && !(base === 'white' && value < 90);
}

/** The names of a plate's colours, and its description: as many colours as it says, each by the words that it has. */
function ofWords(plate: Plate): Judged[] {
	const named = kindOf(plate).colours(plate, []);
	const names = named.map(({ name, hex }): Judged => ({ key: 'name', words: name, so: nameIsSo(name, hex) }));
	const described = kindOf(plate).describe(plate, []);
	const steps = /(\d+) steps/.exec(described)?.[1];
	const whole = plate.kind !== 'scales' || Number(steps) === named.length;
	const hues = plate.kind !== 'wheel' || numbersIn(described)[0] === plate.hues;
	return [
		...names,
		{ key: 'describe', words: described, so: described.length > 0 && whole && hues && !/undefined|NaN/.test(described) }
	];
}

/** What the description of a picture claims: how many colours, in which order, and how many steps lie under it. */
function ofPicture(plate: PlateOf<'picture'>): Judged[] {
	const words = kindOf(plate).describe(plate, []);
	const texts = plate.places.map(({ text }) => text);
	const falling = (numbers: readonly number[]): boolean =>
		numbers.every((number, i) => i === 0 || number <= numbers[i - 1]! + 1e-9);
	const value = !words.includes(', by value:') || falling(texts.map(valueOf));
	const place = !words.includes(', from left to right:') || falling(plate.places.map(({ x }) => -x));
	const gaps = plate.gaps.slice(0, texts.length - 1).reduce((sum, gap) => sum + gap, 0);
	const steps = /a gradation of (\d+) steps/.exec(words)?.[1];
	const gradation = steps === undefined ? plate.along === 'line' : Number(steps) === texts.length + gaps;
	return [{ key: 'describe', words, so: value && place && gradation }];
}

function judged(plate: Plate): Judged[] {
	const said = (): Judged[] => {
		switch (plate.kind) {
			case 'scales':
				return ofScales(plate);
			case 'wheel':
				return ofWheel(plate);
			case 'scheme':
				return ofScheme(plate);
			case 'picture':
				return ofPicture(plate);
			case 'pattern':
				return saidOfPattern(plate);
			case 'matching':
				return saidOfMatching(plate);
			default:
				return ofExercise(plate);
		}
	};
	return [...said(), ...(plate.kind === 'scales' ? [] : saidOfChecks(plate)), ...ofWords(plate)];
}

/** Sentences that are said of matches by themselves, not of a plate. */
function apartFromPlates(count: number): Judged[] {
	const next = seeded(9);
	const colour = (): Triple =>
		linearOf(
			`#${Math.floor(next() * 0xffffff)
				.toString(16)
				.padStart(6, '0')}`
		);
	return Array.from({ length: count }).map((): Judged => {
		const [one, other] = [colour(), colour()];
		const pair = [{ figure: exact(other), ground: exact(other), looks: exact(one) }];
		const { words } = scoreMatch(one, other);
		const key = 'matching.score';
		return { key, words, so: EXERCISE_JUDGES[key](words, { ...NOTHING_SHOWN, seen: pair }) };
	});
}

const PLATES = 5000;

describe('the judge of sentences: what is said is tested against numbers reckoned by culori 4.0.2', () => {
	const make = randomPlates(2026);
	const chance = seeded(77);
	const all: Judged[] = [...Array.from({ length: 60 }).flatMap(() => saidOfPractice(chance)), ...apartFromPlates(400)];
	const [apartFirst, wrong]: [number, string[]] = [all.length, []];
	let figures = 0;
	const apartFromReason: string[] = [];
	for (let i = 0; i < PLATES; i++) {
		const plate = make();
		const said = judged(plate);
		for (const { key, holds, reason, figure } of kindOf(plate).checks.judged(plate, [])) {
			if (figure === undefined) continue;
			figures++;
			const saysOnlyThat = holds && (key === 'rule.key' || key === 'rule.identical');
			if (!saysOnlyThat && !figure.split(' to ').some((each) => reason.includes(each)))
				apartFromReason.push(`${figure}: ${reason}`);
		}
		all.push(...said);
		for (const { key, words, so } of said)
			if (!so) wrong.push(`${key}: “${words}” of ${JSON.stringify(plate).slice(0, 1200)}`);
	}
	wrong.push(
		...all
			.slice(0, apartFirst)
			.filter(({ so }) => !so)
			.map(({ key, words }) => `${key}: “${words}”`)
	);

	it('of 5000 plates over all kinds and exercises, no sentence contradicts them', () => {
		expect(wrong.slice(0, 5)).toEqual([]);
		expect(all.length).toBeGreaterThan(30_000);
	});

	it('what is told beside a verdict as measured stands in its reason, unless that only says that it holds', () => {
		expect(figures).toBeGreaterThan(1000);
		expect(apartFromReason.slice(0, 5)).toEqual([]);
	});

	it('every key of a sentence was said and judged', () => {
		const met = new Set(all.map(({ key }) => key));
		expect(SENTENCE_KEYS.filter((key) => !met.has(key))).toEqual([]);
	});
});
