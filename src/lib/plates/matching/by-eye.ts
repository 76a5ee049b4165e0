import { type DecisionFields } from '../decision';
import { type AtWork, type Settings } from '../exercise';
import { type ExerciseWords, type NamedCode } from '../kind';
import { type Lighting } from '$lib/core/matching/lit-colours';
import { holds, look, type Remark } from '$lib/core/remark';
import { type LinkedColour } from '$lib/model/linked';
import { type z } from 'zod';
import { type MatchingCommon } from './common';
import { arrangedBox, drawArranged, drawByEye, drawSides, fillsNow } from './draw-eye';
import { drawChecked } from './draw-check';
import { type BoxedPlace, type Match, type MatchingExercise, type MatchingPlace, type Subject } from './exercise';
import { judged, meanErrors, type JudgedRegion } from './judged';
import { chipBox, DRAWN_BOX, lineBox, ONE_BOX, WORST } from './layout';
import { seedOf } from './seed-of';
import { fromGrey, MATCH_DECISIONS, setNow, shownAttempt, UNSET, unmatched, type MatchState } from './match-state';

/** What an exercise of matching by eye is decided by. */
export interface ByEye<S extends MatchState & Settings, M> extends Match<S, M>, Omit<Subject<S>, 'fresh'> {
	readonly name: S['name'];
	readonly schema: z.ZodType<S> & z.core.$ZodTypeDiscriminable;
	readonly words: ExerciseWords;
	readonly heading: string;
	readonly heavy?: boolean;
	/** What is decided by what it has beside what every subject has. */
	readonly decides: DecisionFields<Omit<S, keyof MatchState | 'name'>>;
	readonly begin: (common: MatchingCommon) => Omit<S, keyof MatchState>;
	readonly make: (settings: S, linked: readonly LinkedColour[], common: MatchingCommon) => M;
	/** The lights of a lit form. */
	readonly lighting?: (made: M) => Lighting;
}

/** What came of the attempt that is looked at. */
export function judgedNow<S extends MatchState & Settings, M>(
	match: Match<S, M> & { readonly lighting?: (made: M) => Lighting },
	at: AtWork<MatchingCommon, S, M>,
	attempt = shownAttempt(at.settings)
): JudgedRegion[] {
	if (!attempt) return [];
	return judged(match.regions(at), attempt, match.lighting?.(at.made) ?? null);
}

function remarksOn<S extends MatchState & Settings, M>(spec: ByEye<S, M>, at: AtWork<MatchingCommon, S, M>): Remark[] {
	const { stage } = at.settings;
	if (stage === 'arrange') return [look('ask', 'Put the subject together, then begin: its colours are hidden then.')];
	if (stage === 'eye') return [look('ask', spec.asks(at.settings))];
	const all = judgedNow(spec, at);
	const means = meanErrors(all);
	const [worst] = all;
	if (!means || !worst) return [look('ask', 'Nothing was set. Set a region, and check again.')];
	const near = all.filter(({ score }) => score.difference < NEAR).length;
	return [
		(near === all.length ? holds : look)(
			'matching.near',
			all.length === 1
				? `${worst.score.difference.toFixed(1)} ΔE00 off: ${worst.score.words}.`
				: `${near} of ${all.length} regions are under ${NEAR} ΔE00; the farthest is ${worst.region.name.toLowerCase()}, ${worst.score.difference.toFixed(1)}.`
		),
		(worst.score.difference < NEAR ? holds : look)('matching.look', `${worst.region.name}: ${worst.look}`)
	];
}

/** Under so many ΔE00 a region counts as matched (our choice). */
export const NEAR = 3;

/** What can be held at each stage: colours of the subject, its regions, or those that were set. */
function holdsOf<S extends MatchState & Settings, M>({ colours, count }: ByEye<S, M>, settings: S): MatchingPlace[] {
	if (settings.stage === 'arrange') return colours.map(({ key }) => ({ what: 'subject', key }));
	const texts = settings.stage === 'checked' ? (shownAttempt(settings)?.texts ?? []) : null;
	return Array.from({ length: count }, (_, i) => i)
		.filter((i) => texts === null || (texts[i] ?? null) !== null)
		.map((i) => ({ what: 'region', key: String(i) }));
}

function placesOf<S extends MatchState & Settings, M>(
	spec: ByEye<S, M>,
	at: AtWork<MatchingCommon, S, M>
): BoxedPlace[] {
	const { stage } = at.settings;
	if (stage === 'arrange')
		return spec.colours.map(({ key, name }, i) => ({
			what: 'subject',
			key,
			said: name,
			box: arrangedBox(spec.layout, i, spec.colours.length)
		}));
	const regions = spec.regions(at);
	const place = (index: number, box: BoxedPlace['box']): BoxedPlace => ({
		what: 'region',
		key: String(index),
		said: regions[index]!.name,
		box
	});
	if (stage === 'checked')
		return judgedNow(spec, at).map(({ index }, i) => place(index, i === 0 ? WORST : lineBox(i - 1)));
	const box = spec.layout === 'one' ? ONE_BOX : DRAWN_BOX;
	if (regions.length === 1) return [place(0, spec.open?.(at, box) ?? box)];
	return regions.map((_, i) => place(i, chipBox(i, regions.length)));
}

function coloursOf<S extends MatchState & Settings, M>(
	spec: ByEye<S, M>,
	at: AtWork<MatchingCommon, S, M>
): NamedCode[] {
	if (at.settings.stage !== 'checked') return [];
	const inOrder = [...judgedNow(spec, at)].sort((one, other) => one.index - other.index);
	return inOrder.flatMap(({ region, yours }) => [
		{ name: `${region.name}, true`, hex: region.target.hex },
		{ name: `${region.name}, yours`, hex: yours.hex }
	]);
}

/** What was set, of the attempt that is looked at or as it is now. */
function fillsShown<S extends MatchState & Settings, M>(spec: ByEye<S, M>, at: AtWork<MatchingCommon, S, M>): string[] {
	if (at.settings.stage !== 'checked') return fillsNow(spec, at);
	const all = judgedNow(spec, at);
	return spec.regions(at).map((_, i) => all.find(({ index }) => index === i)?.yours.hex ?? UNSET);
}

/** An exercise in which a subject is matched region by region. */
export function byEye<S extends MatchState & Settings, M>(spec: ByEye<S, M>): MatchingExercise<S, M> {
	const { name, schema, words, heading, heavy } = spec;
	const fresh = (settings: S): S => fromGrey(settings);
	return {
		name,
		schema,
		words,
		heading,
		heavy,
		// Together they are all fields of S, which the compiler cannot put together.
		decides: { ...MATCH_DECISIONS, ...spec.decides } as unknown as DecisionFields<Omit<S, 'name'>>,
		begin: (common) =>
			spec.another({ ...unmatched(0), limit: null, ...spec.begin(common) } as unknown as S, seedOf(common.id)),
		mapSources: (settings, change) =>
			spec.colours.reduce((changed, { of, put }) => put(changed, change(of(changed))), settings),
		make: (common, settings, linked) => spec.make(settings, linked, common),
		draw: (at, detail) => {
			const { stage } = at.settings;
			const attempt = shownAttempt(at.settings);
			if (detail === 'colours' && stage !== 'arrange') return drawSides(spec, at, fillsShown(spec, at));
			// The subject alone, to be worked by hand; or with what was set, where that is what is looked at.
			if (detail === 'question') return drawByEye(spec, stage === 'eye' ? at : { ...at, settings: fresh(at.settings) });
			if (stage === 'arrange') return drawArranged(spec, at);
			if (stage === 'checked' && attempt) return drawChecked(spec, at, attempt, judgedNow(spec, at, attempt));
			return drawByEye(spec, at);
		},
		colours: (at) => coloursOf(spec, at),
		// By what is set, where something is: what is matched is not to be seen in a list.
		preview: (at) => fillsNow(spec, at).filter((fill) => fill !== UNSET),
		reveals: (settings) => [
			{ settings: { ...settings, stage: 'eye' }, says: 'The subject, and what was made of it', asks: true },
			...(settings.attempts.length > 0
				? [{ settings: { ...settings, stage: 'checked' as const }, says: 'True and attempt side by side' }]
				: [])
		],
		remarks: (at) => remarksOn(spec, at),
		subject: { colours: spec.colours, another: spec.another, fresh },
		match: spec as unknown as NonNullable<MatchingExercise<S, M>['match']>,
		byEye: ({ stage }) => stage === 'eye',
		holds: (settings) => holdsOf(spec, settings),
		places: (at) => placesOf(spec, at)
	};
}

/** What is set for each region now, as it is kept with an attempt. */
export const textsNow = <S extends MatchState & Settings, M>(
	match: Match<S, M>,
	{ common, settings, linked, made }: AtWork<MatchingCommon, S, M>
): (string | null)[] =>
	match
		.regions({ common, settings, linked, made })
		.map((_, i) =>
			settings.way === 'eye' ? (settings.texts[i] ?? null) : (setNow(common, settings, i, linked)?.hex ?? null)
		);
