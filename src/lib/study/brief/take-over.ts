import { type Decision } from '$lib/plates/decision';
import { kindOf } from '$lib/plates/kinds';
import { type Plate } from '$lib/plates/plate';
import { type StudyDocument } from '../study';
import { type Brief } from './brief';
import { givenBy, type GivenPlate } from './given';

/** What a newer list of decisions adds, changes and leaves out, in words. */
function changed(
	before: readonly Decision[],
	after: readonly Decision[],
	words: Record<'added' | 'left', string>
): string[] {
	const was = new Map(before.map(({ key, value }) => [key, value]));
	const keys = new Set(after.map(({ key }) => key));
	return [
		...after.filter(({ key, value }) => was.get(key) !== value).map(({ name }) => `${words.added} ${name}`),
		...before.filter(({ key }) => !keys.has(key)).map(({ name }) => `${words.left} ${name}`)
	];
}

function changedOn(before: GivenPlate, after: GivenPlate): string[] {
	const all = [
		...changed(before.checks, after.checks, { added: 'asked now:', left: 'not asked any more:' }),
		...changed(before.given, after.given, { added: 'given now:', left: 'open now:' })
	];
	return all.map((words) => `“${after.title}”: ${words}.`);
}

const TERMS = {
	text: 'The text is another.',
	due: 'It is due on another day.',
	worth: 'What it is worth is another.',
	words: 'Another number of words of reflection is asked.',
	hidden: 'What is put away until it is handed in is another.'
} as const;

/** What another version of a brief changes, in words; nothing where it changes nothing that whoever answers it would see. */
export function changesOf(before: Brief, after: Brief): string[] {
	const terms = Object.entries(TERMS) as [keyof typeof TERMS, string][];
	const [were, are] = [givenBy(before), givenBy(after)];
	return [
		...(before.title === after.title ? [] : [`It is called “${after.title}” now.`]),
		...terms.filter(([key]) => before.terms[key] !== after.terms[key]).map(([, words]) => words),
		...are.flatMap((plate) => {
			const was = were.find(({ id }) => id === plate.id);
			return was ? changedOn(was, plate) : [`The plate “${plate.title}” is asked too.`];
		}),
		...were
			.filter(({ id }) => !are.some((plate) => plate.id === id))
			.map(({ title }) => `The plate “${title}” is not asked any more: yours stays.`)
	];
}

/** A plate with the checks that a brief asks of it. */
const withChecksOf = (plate: Plate, asked: Plate | undefined): Plate =>
	asked?.kind === plate.kind ? kindOf(plate).checks.carry(plate, asked) : plate;

/**
 * A study that answers another version of its brief: its plates stay as they are, with the checks of the newer version, and plates that
 * are asked too come after them.
 */
export function takenOver(study: StudyDocument, newer: Brief): StudyDocument {
	const own = study.plates.map((plate) =>
		withChecksOf(
			plate,
			newer.plates.find(({ id }) => id === plate.id)
		)
	);
	const added = newer.plates.filter(({ id }) => !own.some((plate) => plate.id === id));
	const linked = newer.linked.filter(({ id }) => !study.linked.some((colour) => colour.id === id));
	return { ...study, linked: [...study.linked, ...linked], plates: [...own, ...added], answers: newer };
}
