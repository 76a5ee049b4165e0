import { z } from 'zod';
import { wordsOfHex } from '$lib/drawing/patch';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { header } from '$lib/drawing/head';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { PAPER } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { type Offer } from './offer';
import { remembered } from '$lib/model/remembered';
import { sourcesBy, type MapSources } from '$lib/model/sources';
import { decision, decisionsBy, free, type Decision, type DecisionFields } from './decision';
import { type AtWork, type Exercise, type Settings } from './exercise';
import { type Detail, type ExerciseWords, type NamedCode, type Reveal } from './kind';

type Linked = readonly LinkedColour[];

/** The settings of each exercise that was left, under its name: whoever comes back to it finds it as it was. */
type Aside<S extends Settings> = { [N in S['name']]?: Extract<S, { name: N }> | undefined };

interface Listed {
	readonly name: string;
	readonly words: ExerciseWords;
	readonly schema: z.ZodType<Settings> & z.core.$ZodTypeDiscriminable;
}

/** What the schema of a kind's plates has beside what is common: the exercise that is shown, and those that were left. */
export function exerciseShape<const T extends readonly Listed[]>(table: T) {
	type S = z.infer<T[number]['schema']>;
	const [first, ...rest] = table.map(({ schema }) => schema);
	const aside = Object.fromEntries(table.map(({ name, schema }) => [name, schema.optional()]));
	return {
		exercise: z.discriminatedUnion('name', [first!, ...rest]) as unknown as z.ZodType<S>,
		aside: z.strictObject(aside) as unknown as z.ZodType<Aside<S>>
	};
}

/** A plate that has an exercise. */
interface Exercising extends PlateBase {
	readonly exercise: Settings;
	readonly aside: Readonly<Record<string, Settings | undefined>>;
}

/** Exercises that were left count again only when they are taken up, and a brief that gives one of their settings holds the exercise. */
export const LEFT_ASIDE = free('what was left decides nothing while another exercise is shown');

type Named<P> = (name: string) => Exercise<P, Settings, unknown>;

/** How the settings of exercises are found and changed: of the one that is shown, and of those that were left. */
function settingsBy<P extends Exercising>(named: Named<P>, mapCommon: MapSources<P>) {
	/** The settings of an exercise as they are, as they were left, or as they are begun. */
	const settingsOf = <S extends Settings, M>({ name, begin }: Exercise<P, S, M>, plate: P): S =>
		(plate.exercise.name === name ? plate.exercise : (plate.aside[name] ?? begin(plate))) as S;

	/** The same plate with the settings of every exercise changed. */
	const mapAll = (plate: P, work: (settings: Settings) => Settings): P => ({
		...plate,
		exercise: work(plate.exercise),
		aside: Object.fromEntries(Object.entries(plate.aside).map(([name, left]) => [name, left && work(left)]))
	});

	return {
		settingsOf,
		mapAll,

		mapSources: (plate: P, change: Parameters<MapSources<P>>[1]): P =>
			mapAll(mapCommon(plate, change), (settings) => named(settings.name).mapSources?.(settings, change) ?? settings),

		/** The same plate with the settings of an exercise changed, whether it is shown or was left. */
		set: <S extends Settings, M>(exercise: Exercise<P, S, M>, plate: P, work: (settings: S) => S): P => {
			const { name } = exercise;
			const next = work(settingsOf(exercise, plate));
			return plate.exercise.name === name
				? { ...plate, exercise: next }
				: { ...plate, aside: { ...plate.aside, [name]: next } };
		},

		/** The same plate with another exercise; the settings of the one before are kept. */
		change: (plate: P, name: string): P => {
			const { exercise, aside } = plate;
			if (exercise.name === name) return plate;
			const { [name]: left, ...others } = aside;
			return {
				...plate,
				exercise: left ?? named(name).begin(plate),
				aside: { ...others, [exercise.name]: exercise }
			};
		}
	};
}

/**
 * What a kind does with its exercises, from their table and from how the colours that are common to them are changed. P is a plate
 * of the kind, E any of its exercises, as the kind wants them.
 */
export function exercisesOf<P extends Exercising, E extends Exercise<P, Settings, unknown>>(
	table: readonly Listed[],
	mapCommon: MapSources<P>
) {
	/** An exercise is only ever given settings of its own, which the table sees to and types cannot say. */
	const named = (name: string): E => table.find((each) => each.name === name) as unknown as E;
	const of = ({ exercise }: P): E => named(exercise.name);
	const settings = settingsBy(named, mapCommon);

	const made = remembered<P, unknown>(
		(plate) => sourcesBy(settings.mapSources, plate),
		(plate, linked) => of(plate).make(plate, plate.exercise, linked)
	);
	/** The exercise of a plate at work. */
	const atWork = (plate: P, linked: Linked): AtWork<P, Settings, unknown> => ({
		common: plate,
		settings: plate.exercise,
		made: made(plate, linked),
		linked
	});

	return {
		...settings,
		names: table.map(({ name }) => name),
		list: table,
		named,
		of,
		atWork,

		/** This exercise at work; null where the plate has another one. */
		on: <S extends Settings, M>(exercise: Exercise<P, S, M>, plate: P, linked: Linked): AtWork<P, S, M> | null =>
			plate.exercise.name === exercise.name ? (atWork(plate, linked) as AtWork<P, S, M>) : null,

		/** The codes by which an exercise is known in a list, as it would be on this plate. */
		codes: (plate: P, name: string, linked: Linked): readonly string[] => {
			const at = atWork(settings.change(plate, name), linked);
			const { preview, colours } = named(name);
			return preview ? preview(at) : colours(at).map(({ hex }) => hex);
		},

		/** Every exercise as it is offered, begun on a new plate and titled by us: none shows yet what it comes to. */
		offers: (make: (study: Surroundings) => P, titleOf: (plate: P, linked: Linked) => string): Offer<P>[] =>
			table.map(({ name, words }) => ({
				key: name,
				...words,
				make: (study) => {
					const plate = settings.change(make(study), name);
					return { ...plate, title: asLine(titleOf(plate, study.linked)) };
				},
				is: ({ exercise }) => exercise.name === name
			})),

		/** Which exercise it is, and what its settings decide. */
		decisions: (plate: P, linked: Linked): Decision[] => {
			const { name, ...settings } = plate.exercise;
			const fields: DecisionFields<Omit<Settings, 'name'>> = of(plate).decides;
			return [decision('exercise', 'the exercise', name), ...decisionsBy(fields, settings, linked)];
		},

		colours: (plate: P, linked: Linked): readonly NamedCode[] => of(plate).colours(atWork(plate, linked)),

		describe: (plate: P, linked: Linked): string => {
			const { words, colours } = of(plate);
			const named = colours(atWork(plate, linked)).map(({ name, hex }) => `${name}, ${wordsOfHex(hex)}`);
			return `${words.name}. ${words.says}${named.length > 0 ? ` ${named.join('; ')}.` : ''}`;
		},

		draw: (plate: P, linked: Linked, detail: Detail): Drawing => {
			const { heading, draw } = of(plate);
			return asPlate(plate, heading, draw(atWork(plate, linked), detail), detail);
		},

		reveals: (plate: P): Reveal<P>[] => {
			const reveals = of(plate).reveals?.(plate.exercise) ?? [{ settings: plate.exercise, says: plate.title }];
			return reveals.map(({ settings: shown, ...told }) => ({ ...told, plate: { ...plate, exercise: shown } }));
		}
	};
}

/** The shapes of an exercise on its plate, with the head where words are shown. */
export const asPlate = ({ title }: PlateBase, heading: string, shapes: readonly Shape[], detail: Detail): Drawing => ({
	title,
	width: PLATE_WIDTH,
	height: PLATE_HEIGHT,
	paper: PAPER,
	shapes:
		detail === 'colours'
			? shapes.filter(({ kind }) => kind !== 'words' && kind !== 'rule')
			: [...header(title, heading), ...shapes]
});
