import { usedSources } from '$lib/drawing/resolve';
import { type StudyDocument } from '$lib/model/study';

export interface Uses {
	readonly scales: number;
	readonly plates: readonly { id: string; title: string }[];
}

/** In how many scales of which plates a linked colour is a parent or a pinned step that counts. */
export function usesOf(id: string, { plates }: StudyDocument): Uses {
	const found = plates.map((plate) => ({
		plate,
		scales: plate.scales.filter((scale) =>
			usedSources(scale).some((source) => 'linked' in source && source.linked === id)
		)
	}));
	const using = found.filter(({ scales }) => scales.length > 0);
	return {
		scales: using.reduce((sum, { scales }) => sum + scales.length, 0),
		plates: using.map(({ plate: { id: plateId, title } }) => ({ id: plateId, title }))
	};
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** "used in 6 scales on 4 plates" */
export function sayUses({ scales, plates }: Uses): string {
	return scales === 0 ? 'not used yet' : `used in ${plural(scales, 'scale')} on ${plural(plates.length, 'plate')}`;
}
