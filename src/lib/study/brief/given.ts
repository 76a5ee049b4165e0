import { type LinkedColour } from '$lib/model/linked';
import { checkKey, type Decision } from '$lib/plates/decision';
import { kindOf, usesOn } from '$lib/plates/kinds';
import { type Plate } from '$lib/plates/plate';
import { type StudyDocument } from '../study';
import { type Brief } from './brief';

/** Everything that is decided on a plate, its checks among it. */
export const decisionsOf = (plate: Plate, linked: readonly LinkedColour[]): readonly Decision[] => [
	...kindOf(plate).decisions(plate, linked),
	...kindOf(plate).checks.decisions(plate)
];

/** What a brief gives on one of its plates. */
export interface GivenPlate {
	readonly id: string;
	readonly title: string;
	/** What is decided there and stays so, checks apart. */
	readonly given: readonly Decision[];
	readonly checks: readonly Decision[];
}

const known = new WeakMap<Brief, readonly GivenPlate[]>();

/** What a brief gives, plate by plate. A brief is replaced and never changed in place. */
export function givenBy(brief: Brief): readonly GivenPlate[] {
	const found = known.get(brief);
	if (found) return found;
	const all = brief.plates.map((plate): GivenPlate => {
		const { id, title } = plate;
		const keys = brief.terms.given.find((each) => each.plate === id)?.keys ?? [];
		const given = kindOf(plate)
			.decisions(plate, brief.linked)
			.filter(({ key }) => keys.includes(key));
		return { id, title, given, checks: kindOf(plate).checks.decisions(plate) };
	});
	known.set(brief, all);
	return all;
}

/** What of a plate is no longer as the brief gives it, in words. */
function brokenOn(plate: Plate, linked: readonly LinkedColour[], { given, checks }: GivenPlate): string[] {
	const now = new Map(decisionsOf(plate, linked).map(({ key, value }) => [key, value]));
	return [...given, ...checks].flatMap(({ key, name, value }) => (now.get(key) === value ? [] : [name]));
}

/** The first that is not as given now and was before; what was is only asked where something is broken, as hardly ever at a turn of a dial. */
function firstBroken(
	plate: Plate,
	linked: readonly LinkedColour[],
	given: GivenPlate,
	stood: () => readonly string[]
): string | undefined {
	const broken = brokenOn(plate, linked, given);
	if (broken.length === 0) return undefined;
	const before = stood();
	return broken.find((name) => !before.includes(name));
}

const isAnswered = (plate: Plate): boolean => kindOf(plate).answered?.(plate) ?? false;

/** What of a plate is not as its brief gives it, in words: it was so before the brief was taken over. */
export function notAsGiven(brief: Brief, { plates, linked }: StudyDocument, id: string): string[] {
	const plate = plates.find((each) => each.id === id);
	const given = givenBy(brief).find((each) => each.id === id);
	return plate && given ? brokenOn(plate, linked, given) : [];
}

/** A study with one plate as its brief has it, begun again; linked colours that it uses are as the brief has them, too. */
export function begunAgain(brief: Brief, study: StudyDocument, id: string): StudyDocument {
	const given = brief.plates.find((plate) => plate.id === id);
	if (!given) return study;
	const used = brief.linked.filter((colour) => usesOn(given, colour.id) > 0);
	const added = used.filter((colour) => !study.linked.some((own) => own.id === colour.id));
	return {
		...study,
		linked: [...study.linked.map((own) => used.find((colour) => colour.id === own.id) ?? own), ...added],
		plates: study.plates.map((plate) => (plate.id === id ? given : plate))
	};
}

/** Whether a brief puts away all that tells until it is handed in for the first time. */
export const isHidden = ({ answers, handedIn = [] }: StudyDocument): boolean =>
	(answers?.terms.hidden ?? false) && handedIn.length === 0;

/**
 * Why an edit cannot be done to a study that answers a brief: what it would change that is given; null where it can. What was not as
 * given before the edit does not stand in its way.
 */
export function refusedBy(before: StudyDocument, after: StudyDocument): string | null {
	const brief = after.answers;
	if (!brief || before.answers !== brief) return null;
	for (const given of givenBy(brief)) {
		const [was, is] = [before, after].map(({ plates }) => plates.find(({ id }) => id === given.id));
		if (!was || (was === is && before.linked === after.linked)) continue;
		if (!is) return `The brief asks for the plate “${was.title}”: it stays.`;
		const broken = firstBroken(is, after.linked, given, () => brokenOn(was, before.linked, given));
		if (broken !== undefined) return `${broken[0]!.toUpperCase()}${broken.slice(1)} is given by the brief.`;
		if (isHidden(after) && isAnswered(is) && !isAnswered(was))
			return 'Answers are put away until this brief is handed in.';
	}
	return null;
}

/** Whether a check is one that the brief asks. */
export const isAsked = (brief: Brief, plateId: string, checkId: string): boolean =>
	givenBy(brief)
		.find(({ id }) => id === plateId)
		?.checks.some(({ key }) => key === checkKey(checkId)) ?? false;
