import { judgePlate } from '$lib/plates/judge-plate';
import { countWords } from '../count-words';
import { type StudyDocument } from '../study';
import { type Brief } from './brief';
import { isAsked } from './given';

/** One thing that a brief asks, with what came of it. */
export interface AskedOf {
	/** The plate that it is asked of; null where it is asked of the whole. */
	readonly plate: string | null;
	readonly asks: string;
	/** Of which part of the plate, "row 2"; null for the whole. */
	readonly of: string | null;
	readonly holds: boolean;
	readonly reason: string;
	/** What was measured, where that is one number; null where it is none. */
	readonly figure: string | null;
}

function askedOfReflection({ terms: { words } }: Brief, reflection = ''): AskedOf[] {
	if (words === 0) return [];
	const count = countWords(reflection);
	const asks = `A reflection of ${words} words or more`;
	return [{ plate: null, asks, of: null, holds: count >= words, reason: `It has ${count}.`, figure: String(count) }];
}

/** Everything that the brief of a study asks, plate by plate, with what came of it; nothing of a study that answers none. */
export function progressOf({ answers: brief, plates, linked, reflection }: StudyDocument): readonly AskedOf[] {
	if (!brief) return [];
	const ofPlates = plates.flatMap((plate) =>
		judgePlate(plate, linked)
			.filter(({ id }) => isAsked(brief, plate.id, id))
			.map(({ asks, of, holds, reason, figure = null }): AskedOf => ({
				plate: plate.id,
				asks,
				of,
				holds,
				reason,
				figure
			}))
	);
	return [...ofPlates, ...askedOfReflection(brief, reflection)];
}

/** "7 of 9 hold" */
export function sayProgress(asked: readonly AskedOf[]): string {
	const held = asked.filter(({ holds }) => holds).length;
	return `${held} of ${asked.length} hold`;
}
