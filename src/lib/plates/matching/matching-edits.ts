import { textOf } from '$lib/model/resolve';
import { type ColourSource } from '$lib/model/colour-text';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { type PlaceInPicture } from '$lib/model/picture';
import { type Settings } from '../exercise';
import { type Match, type Staged, type Subject } from './exercise';
import { matchingExercises } from './exercises';
import { withText, type MatchState } from './match-state';
import { LEAST_PAINTS, MOST_PAINTS } from './common';
import { type MatchingPlate } from './schema';

export const withMatching = (plateId: string, change: (plate: MatchingPlate) => MatchingPlate): Edit =>
	withPlateOf<MatchingPlate>('matching', plateId, change);

/** Shows another exercise; the one before is kept as it was left. */
export const changeExercise = (plateId: string, name: string): Edit =>
	withMatching(plateId, (plate) => matchingExercises.change(plate, name));

/** Any subject that is matched: what it is decided by besides is its own. */
export type AnyMatched = MatchState & Settings;

/** The subject of a plate as it is matched; null where the exercise is another kind of work. */
export const matchOf = (plate: MatchingPlate): Match<AnyMatched, unknown> | null =>
	(matchingExercises.of(plate).match as Match<AnyMatched, unknown> | undefined) ?? null;

/** Changes how the subject that is shown stands. */
export const setMatch = (plateId: string, change: (state: AnyMatched) => AnyMatched): Edit =>
	withMatching(plateId, (plate) =>
		matchOf(plate)
			? { ...plate, exercise: change(plate.exercise as AnyMatched) as unknown as MatchingPlate['exercise'] }
			: plate
	);

/** The exercise of a plate as all of them stand: at a stage, drawn by a seed. */
export const stagedOf = ({ exercise }: MatchingPlate): Staged => exercise;
export const subjectOf = (plate: MatchingPlate): Subject<Staged> =>
	matchingExercises.of(plate).subject as unknown as Subject<Staged>;

/** Changes the settings of the exercise that is shown, whichever it is. */
export const setStaged = (plateId: string, change: (settings: Staged, subject: Subject<Staged>) => Staged): Edit =>
	withMatching(plateId, (plate) => ({
		...plate,
		exercise: change(stagedOf(plate), subjectOf(plate)) as unknown as MatchingPlate['exercise']
	}));

/** Sets a region; what is set is a colour of its own, whatever it was taken from. */
export const setRegion =
	(plateId: string, index: number, source: ColourSource): Edit =>
	(study) =>
		setMatch(plateId, (state) => withText(state, index, textOf(source, study.linked)))(study);

/** Sets the one colour of an exercise that is no match by regions, likewise. */
export const setOwn =
	(plateId: string, put: (settings: Settings, text: string) => Settings, source: ColourSource): Edit =>
	(study) =>
		setStaged(plateId, (settings) => put(settings, textOf(source, study.linked)) as Staged)(study);

export const setPaint = (plateId: string, index: number, source: ColourSource): Edit =>
	withMatching(plateId, (plate) => ({
		...plate,
		paints: plate.paints.map((paint, i) => (i === index ? source : paint))
	}));

/** Adds a paint after the others, or takes the last one out. */
export const addPaint = (plateId: string, source: ColourSource): Edit =>
	withMatching(plateId, (plate) =>
		plate.paints.length < MOST_PAINTS ? { ...plate, paints: [...plate.paints, source] } : plate
	);
export const removePaint = (plateId: string, index: number): Edit =>
	withMatching(plateId, (plate) => {
		if (plate.paints.length <= LEAST_PAINTS) return plate;
		const without = <T>(list: readonly T[]): T[] => list.filter((_, i) => i !== index);
		const left = { ...plate, paints: without(plate.paints) };
		return matchingExercises.mapAll(left, (settings) =>
			'parts' in settings ? { ...settings, parts: (settings as AnyMatched).parts.map(without) } : settings
		);
	});

/** Matches another place in a picture, from grey. */
export const setPlace = (plateId: string, place: PlaceInPicture): Edit =>
	withMatching(plateId, (plate) => ({ ...plate, place }));
