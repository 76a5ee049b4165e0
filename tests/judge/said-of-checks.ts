import { type ColourDemand } from '../../src/lib/core/brief/asked-of-colours';
import { type GroundRule } from '../../src/lib/core/brief/ground-rules';
import { type MixRule } from '../../src/lib/core/brief/mix-rules';
import { type PictureRule } from '../../src/lib/core/brief/picture-rules';
import { type SchemeRule } from '../../src/lib/core/brief/scheme-rules';
import { type WheelRule } from '../../src/lib/core/brief/wheel-rules';
import { type Triple } from '../../src/lib/core/colour/vector';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { textOf } from '../../src/lib/model/resolve';
import { groundExercises } from '../../src/lib/plates/grounds/exercises';
import { kindOf } from '../../src/lib/plates/kinds';
import { mixExercises } from '../../src/lib/plates/mixes/exercises';
import { type Plate } from '../../src/lib/plates/plate';
import { apart, between, exact, isGrey, lightHueOf, linearOf, numbersIn, says, valueOf, type Reckoned } from './reckon';

interface Judged {
	readonly key: SentenceKey;
	readonly words: string;
	readonly so: boolean;
}

type AnyRule = ColourDemand | GroundRule | MixRule | SchemeRule | WheelRule | PictureRule;
type Of<R extends AnyRule['rule']> = Extract<AnyRule, { rule: R }>;

/** A check of a plate as it was judged, with what it is judged of. */
interface Asked {
	readonly plate: Plate;
	readonly rule: AnyRule;
	readonly holds: boolean;
	readonly colours: readonly { readonly name: string; readonly hex: string }[];
}

const pairs = <T>(all: readonly T[]): [T, T][] =>
	all.flatMap((one, i) => all.slice(i + 1).map((other): [T, T] => [one, other]));
const isWarm = (hex: string): boolean => !isGrey(hex) && between(lightHueOf(hex), 0) < 90;
const isCool = (hex: string): boolean => !isGrey(hex) && between(lightHueOf(hex), 0) > 90;
const number = (words: string): string => /[\d.]*\d/.exec(words)![0];
/** Whether a verdict is right of a number beside its limit; on the limit itself either is. */
const agrees = (holds: boolean, real: number, asked: boolean, limit: number): boolean =>
	Math.abs(real - limit) < 0.01 || holds === asked;

/** As many colours as there are groups of codes nearer than `near` to each other. */
const differentAt = (hexes: readonly string[], near: number): number =>
	hexes.reduce<string[]>(
		(found, hex) => (found.some((other) => apart(other, hex) < near) ? found : [...found, hex]),
		[]
	).length;

/** What was set by eye, and the solution, where an exercise has both. */
function attemptOf(plate: Plate): { attempt: string | null | undefined; solution: Reckoned } | null {
	const at =
		plate.kind === 'grounds'
			? groundExercises.atWork(plate, [])
			: plate.kind === 'mixes'
				? mixExercises.atWork(plate, [])
				: null;
	if (!at || !['two-as-one', 'like-ground', 'middle'].includes(at.settings.name)) return null;
	const made = at.made as { solution?: () => { linear: Triple }; middle?: { linear: Triple } };
	const { linear } = made.solution?.() ?? made.middle!;
	return { attempt: (at.settings as { attempt?: string | null }).attempt, solution: exact(linear) };
}

const reckonedOf = (sources: readonly Parameters<typeof textOf>[0][]): Reckoned[] =>
	sources.map((source) => exact(linearOf(textOf(source, []))));

type Judge = (words: string, asked: Asked) => boolean;

const CHECK_JUDGES: Readonly<Partial<Record<SentenceKey, Judge>>> = {
	'rule.missing': (_, { holds, plate, rule, colours }) => {
		if (holds) return false;
		if (rule.rule === 'attempt') return !attemptOf(plate)?.attempt;
		return (
			colours.length < 2 ||
			['figures-identical', 'grounds-differ', 'overlap-transparent', 'stands-for'].includes(rule.rule)
		);
	},
	'rule.attempt': (words, { plate, rule, holds }) => {
		const { attempt, solution } = attemptOf(plate)!;
		const off = apart(exact(linearOf(attempt!)), solution);
		const { within } = rule as Of<'attempt'>;
		return says(numbersIn(words)[0]!, off, number(words)) && agrees(holds, off, off <= within, within);
	},
	'rule.scheme': (_, { plate, rule, holds }) =>
		plate.kind === 'scheme' && holds === (plate.scheme === (rule as Of<'is-scheme'>).is),
	'rule.wheel': (words, { plate, rule, holds }) =>
		plate.kind === 'wheel' && holds === (plate.wheel === (rule as Of<'on-wheel'>).is) && words.includes(plate.wheel),
	'rule.rings': (words, { plate, rule, holds, colours }) => {
		const rings = colours.length / (plate as Extract<Plate, { kind: 'wheel' }>).hues - 1;
		return numbersIn(words)[0] === rings && holds === rings >= (rule as Of<'rings'>).least;
	},
	'rule.stands-for': (words, { plate, rule, holds }) => {
		const { difference } = (plate as Extract<Plate, { kind: 'picture' }>).measured!;
		return (
			says(numbersIn(words)[0]!, difference, number(words)) && holds === difference <= (rule as Of<'stands-for'>).within
		);
	},
	'rule.identical': (words, { plate, rule, holds }) => {
		if (plate.kind !== 'grounds') return false;
		const [one, other] = reckonedOf(plate.figures);
		const off = groundExercises.of(plate).twoFigures ? apart(one!, other!) : 0;
		const { within } = rule as Of<'figures-identical'>;
		const said = words.startsWith('The figures are one') || says(numbersIn(words)[0]!, off, number(words));
		return said && agrees(holds, off, off <= within, within);
	},
	'rule.grounds-differ': (words, { plate, rule, holds }) => {
		if (plate.kind !== 'grounds') return false;
		const [one, other] = reckonedOf(plate.grounds);
		const off = apart(one!, other!);
		const { least } = rule as Of<'grounds-differ'>;
		return says(numbersIn(words)[0]!, off, number(words)) && agrees(holds, off, off >= least, least);
	},
	// What Metelli asks at the least: every channel of a crossing between those of its two figures, and two values that differ.
	'rule.transparent': (_, { plate, holds, colours }) => {
		if (plate.kind !== 'mixes') return false;
		const figures = reckonedOf(plate.parents.map(({ colour }) => colour));
		const crossings = colours.slice(figures.length).map(({ hex }) => exact(linearOf(hex)));
		const apartInValue = crossings.every((_, i) => Math.abs(valueOf(figures[i]!) - valueOf(figures[i + 1]!)) > 4.99);
		return !holds || (crossings.length === figures.length - 1 && apartInValue);
	},
	'colours.count': (words, { rule, holds, colours }) => {
		const hexes = colours.map(({ hex }) => hex);
		const said = numbersIn(words)[0]!;
		const { least, most } = rule as Of<'colours'>;
		const counted = [differentAt(hexes, 0.29), differentAt(hexes, 0.31)];
		return said <= counted[0]! && said >= counted[1]! && holds === (said >= least && said <= most);
	},
	'colours.apart': (words, { rule, holds, colours }) => {
		const nearest = Math.min(...pairs(colours).map(([one, other]) => apart(one.hex, other.hex)));
		const [, one, other, said] = /^“(.+)” and “(.+)” are the two most alike, ([\d.]+) ΔE00 apart\.$/.exec(words)!;
		const { least } = rule as Of<'all-apart'>;
		const named = [one, other].every((name) => colours.some((each) => each.name === name));
		return named && says(Number(said), nearest, said) && agrees(holds, nearest, nearest >= least, least);
	},
	'colours.range': (words, { rule, holds, colours }) => {
		const values = colours.map(({ hex }) => valueOf(hex));
		const range = Math.max(...values) - Math.min(...values);
		const { least } = rule as Of<'value-range'>;
		return says(numbersIn(words)[0]!, range, number(words)) && agrees(holds, range, range >= least, least);
	},
	'colours.one-value': (words, { rule, holds, colours }) => {
		const values = colours.map(({ hex }) => valueOf(hex));
		const range = Math.max(...values) - Math.min(...values);
		const { within } = rule as Of<'one-value'>;
		return says(numbersIn(words)[0]!, range, number(words)) && agrees(holds, range, range <= within, within);
	},
	'colours.key': (words, { rule, holds, colours }) => {
		const values = colours.map(({ hex }) => valueOf(hex));
		const { is, limit } = rule as Of<'all-key'>;
		const worst = is === 'high' ? Math.min(...values) : Math.max(...values);
		const fits = is === 'high' ? worst >= limit : worst <= limit;
		return says(numbersIn(words)[0]!, worst, number(words)) && agrees(holds, worst, fits, limit);
	},
	'colours.temperature': (words, { rule, holds, colours }) => {
		const [all, warm, cool, neither] = numbersIn(words);
		const { is } = rule as Of<'all-temperature'>;
		const [warmer, cooler] = [isWarm, isCool].map((fits) => colours.filter(({ hex }) => fits(hex)).length);
		const asked = is === 'both' ? warmer! > 0 && cooler! > 0 : (is === 'warm' ? warmer : cooler) === colours.length;
		return (
			all === colours.length &&
			warm === warmer &&
			cool === cooler &&
			warm! + cool! + neither! === all &&
			holds === asked
		);
	},
	'colours.palette': (words, { rule, holds, colours }) => {
		const { palette, within } = rule as Of<'of-palette'>;
		const offs = colours.map(({ hex }) => Math.min(...palette.map((text) => apart(text, hex))));
		const [, said] = /, ([\d.]+) ΔE00;/.exec(words)!;
		const farthest = Math.max(...offs);
		return says(Number(said), farthest, said) && agrees(holds, farthest, farthest <= within, within);
	}
};

/** What came of each check of a plate by its colours and its own rules, reckoned again. */
export function saidOfChecks(plate: Plate): Judged[] {
	const { checks = [] } = plate as { checks?: readonly { readonly id: string; readonly rule: AnyRule }[] };
	if (checks.length === 0) return [];
	const colours = kindOf(plate).colours(plate, []);
	return kindOf(plate)
		.checks.judged(plate, [])
		.flatMap(({ id, key, reason, holds }): Judged[] => {
			const judge = CHECK_JUDGES[key];
			const { rule } = checks.find((check) => check.id === id)!;
			return judge ? [{ key, words: reason, so: judge(reason, { plate, rule, holds, colours }) }] : [];
		});
}
