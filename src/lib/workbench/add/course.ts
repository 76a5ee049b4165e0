import { type StudyParts } from '$lib/model/edit';
import { type PlateBase } from '$lib/model/plate-base';
import { KIND_NAMES, kindNamed, surroundingsOf } from '$lib/plates/kinds';
import { type Part } from '$lib/plates/offer';
import { type Plate } from '$lib/plates/plate';

/** An exercise as the page shows it: the plate that it would be in this study, and whether that has one already. */
export interface Shown {
	readonly id: string;
	/** From 1, in the order of the course. */
	readonly number: number;
	readonly name: string;
	readonly says: string;
	readonly source: string | null;
	readonly plate: Plate;
	readonly inStudy: boolean;
}

export interface ShownPart extends Part {
	readonly exercises: readonly Shown[];
}

/** Every exercise of every kind, made from the kinds' own tables, by the parts of a course. */
export function courseFor(study: StudyParts): ShownPart[] {
	const surroundings = surroundingsOf(study);
	const parts: { part: Part; exercises: Shown[] }[] = [];
	let number = 0;
	for (const kind of KIND_NAMES) {
		const { part, offers } = kindNamed(kind);
		const there = study.plates.filter((plate) => plate.kind === kind);
		const exercises = offers.map(({ key, name, says, source = null, make, is }): Shown => ({
			id: `${kind} ${key}`,
			number: ++number,
			name,
			says,
			source,
			plate: make(surroundings) as PlateBase as Plate,
			inStudy: there.some(is)
		}));
		const last = parts.at(-1);
		if (last?.part.name === part.name) last.exercises.push(...exercises);
		else parts.push({ part, exercises });
	}
	return parts.map(({ part, exercises }) => ({ ...part, exercises }));
}

/** Whether each of the words occurs in what is said of an exercise, or of its part. */
export function answers({ name, says, source }: Shown, part: Part, words: string): boolean {
	const text = `${name} ${says} ${source ?? ''} ${part.name} ${part.says}`.toLowerCase();
	return words
		.toLowerCase()
		.split(/\s/)
		.every((word) => text.includes(word));
}
