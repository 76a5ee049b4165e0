import { valueOf } from '../colour/value-of';
import { HUELESS } from '../colour/hueless';
import { linearToOklch } from '../colour/oklab';
import { fit } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { holds, look, type Remark } from '../remark';
import { saidApart } from '../say-number';
import { complement } from '../scheme/turn-hue';
import { WHEELS } from '../scheme/wheel';
import { METHODS, type Method } from './mixing';
import { mostNeutralOn } from './neutral';
import { passageBetween } from './passage';
import { type Route } from './route';
import { throughNeutral, turnOf } from './plan';
import { type Scale } from './scale';
import { type ScaleSpec } from './spec';
import { METHOD_WORDS, WHEEL_WORDS } from './words';

/** Over this OKLab chroma the middle of two colours is no neutral: they do not put each other out. */
const KEEPS_COLOUR = 0.04;
/** From this ΔE00 on a leap at an end is worth a remark. */
const PLAIN = 1;

const chromaOf = (linear: Triple): number => linearToOklch(linear)[1];

/** How much OKLab chroma is left where a colour and its complement, mixed by a method, are nearest to a neutral. */
function chromaLeft(parent: Triple, wheel: (typeof WHEELS)[number], method: Method, route: Route = 'shorter'): number {
	return chromaOf(mostNeutralOn(passageBetween(parent, complement(parent, wheel).linear, method, false, route)));
}

/** Another wheel by the same method, or else another method, in which a colour and its complement do put each other out. */
function elsewhere(parent: Triple, { wheel = 'painter', method }: ScaleSpec): string | null {
	const otherWheel = WHEELS.find((each) => each !== wheel && chromaLeft(parent, each, method) <= KEEPS_COLOUR);
	if (otherWheel) return `By the ${WHEEL_WORDS[otherWheel]}`;
	const otherMethod = METHODS.find((each) => each !== method && chromaLeft(parent, wheel, each) <= KEEPS_COLOUR);
	return otherMethod ? `Mixed ${METHOD_WORDS[otherMethod].name}` : null;
}

function onDulling(spec: ScaleSpec, scale: Scale, parent: Triple): Remark[] {
	if (chromaOf(parent) < HUELESS)
		return [look('dulling.grey', 'A grey has no complement: there is nothing to dull.', 'as-tones')];
	const { dulling = 'neutral', wheel = 'painter', method, oneWay } = spec;
	const middle = (scale.inAll + 1) / 2;
	if (throughNeutral(spec)) {
		if (!Number.isInteger(middle))
			return [
				holds(
					'dulling.neutral-between',
					`The neutral lies between steps ${middle - 0.5} and ${middle + 0.5}; with an odd number between it is a step.`
				)
			];
		return scale.steps[middle - 1]!.pinned
			? []
			: [holds('dulling.neutral-step', `Step ${middle} is the neutral half way between a colour and its complement.`)];
	}
	if (dulling === 'neutral')
		return [holds('dulling.neutral-end', 'It ends in the neutral half way between a colour and its complement.')];
	const left = chromaLeft(parent, wheel, method, spec.route);
	if (left <= KEEPS_COLOUR) return [];
	const other = elsewhere(parent, spec);
	const mixed = `mixed ${METHOD_WORDS[method].name}`;
	const end = oneWay ? 'the end' : 'the quietest point between them';
	return [
		look(
			'dulling.keeps-colour',
			`By the ${WHEEL_WORDS[wheel]} and ${mixed}, these two do not put each other out: ${end} keeps a chroma of ${left.toFixed(2)}.${other ? ` ${other} they would.` : ''}`,
			'through-neutral'
		)
	];
}

function onHues(spec: ScaleSpec, scale: Scale, [first, second]: readonly [Triple, Triple]): Remark[] {
	const turned = turnOf(spec, first, second);
	if (turned === null) {
		const grey = Math.min(chromaOf(first), chromaOf(second)) < HUELESS;
		const why = grey ? 'a grey has none' : 'the two are less than 5° apart';
		return [look('hue.none', `There is no hue to turn: ${why}. An interval mixes the two.`, 'as-interval')];
	}
	const ends = [scale.steps[0]!, scale.steps.at(-1)!];
	const names = ['first', 'second'] as const;
	const leaps = scale.leaps.filter(({ by }) => by >= PLAIN);
	const leapt = leaps.map(({ step, by }) =>
		look(
			'hue.leap',
			`The ${names[step === 1 ? 0 : 1]} parent is ${by.toFixed(1)} ΔE00 from the purest of its hue: the step beside it is a leap.`,
			'use-purest'
		)
	);
	const unlike = [first, second].flatMap((parent, i) => {
		const drawn = ends[i]!;
		if (differenceOfLinear(drawn.linear, parent) < PLAIN) return [];
		const [value, own] = saidApart(drawn.value, valueOf(parent));
		const [chroma, ownChroma] = saidApart(chromaOf(drawn.linear), chromaOf(parent), 2);
		const because =
			spec.turning === 'greatest' ? 'the greatest chroma that fits there' : 'its chroma, as far as it fits';
		return [
			look(
				'hue.end-unlike',
				`Step ${i === 0 ? 1 : scale.inAll} has the hue of the ${names[i]} parent and is not that parent: all are kept at the first one’s value and ${because} (value ${value} instead of ${own}, chroma ${chroma} instead of ${ownChroma}).`
			)
		];
	});
	return [...leapt, ...unlike];
}

/** What a recipe itself asks to be said of a scale: where its neutral is, and which end is not what it seems. */
export function remarksOnRecipe(spec: ScaleSpec, scale: Scale): Remark[] {
	const [first, second] = spec.parents.map((parent) => fit(parent).linear);
	const pinned = (spec.pins ?? []).length > 0;
	if (spec.recipe === 'dulling') return onDulling(spec, scale, first!);
	return spec.recipe === 'hue-steps' && !pinned ? onHues(spec, scale, [first!, second!]) : [];
}

/** Steps between the ends, from 1, that a recipe or a hand has fixed. */
export function fixedSteps(spec: ScaleSpec, { steps, inAll }: Scale): number[] {
	const neutral = throughNeutral(spec) ? (inAll + 1) / 2 : null;
	return steps.flatMap(({ parent, pinned }, i) => {
		const inner = i > 0 && i < inAll - 1;
		return inner && (parent !== null || pinned || i + 1 === neutral) ? [i + 1] : [];
	});
}
