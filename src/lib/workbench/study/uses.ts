import { usedSources } from '$lib/drawing/resolve';
import { type ColourSource } from '$lib/model/colour-text';
import { type Plate } from '$lib/model/plate';
import { sourcesOf, type StudyDocument } from '$lib/model/study';

export interface Uses {
	readonly scales: number;
	/** Wheels whose lead colour it is. */
	readonly wheels: number;
	/** Schemes of which it is a member. */
	readonly schemes: number;
	/** Plates of mixes that are made from it. */
	readonly mixes: number;
	/** Plates of grounds on which it is a figure or a ground. */
	readonly grounds: number;
	readonly plates: readonly { id: string; title: string }[];
}

const names = (source: ColourSource, id: string): boolean => 'linked' in source && source.linked === id;

/** How many scales or wheels of a plate use a linked colour. */
function usesOn(plate: Plate, id: string): number {
	switch (plate.kind) {
		case 'wheel':
			return Number(plate.from !== 'given' && names(plate.lead, id));
		case 'scheme':
		case 'mixes':
		case 'grounds':
			return Number(sourcesOf(plate).some((source) => names(source, id)));
		case 'scales':
			return plate.scales.filter((scale) => usedSources(scale).some((source) => names(source, id))).length;
	}
}

/** In how many scales and wheels of which plates a linked colour counts: as a parent, a pinned step, a lead colour. */
export function usesOf(id: string, { plates }: StudyDocument): Uses {
	const using = plates.map((plate) => ({ plate, uses: usesOn(plate, id) })).filter(({ uses }) => uses > 0);
	const total = (kind: Plate['kind']): number =>
		using.reduce((sum, { plate, uses }) => sum + (plate.kind === kind ? uses : 0), 0);
	return {
		scales: total('scales'),
		wheels: total('wheel'),
		schemes: total('scheme'),
		mixes: total('mixes'),
		grounds: total('grounds'),
		plates: using.map(({ plate: { id: plateId, title } }) => ({ id: plateId, title }))
	};
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** "used in 6 scales and 1 wheel on 4 plates" */
export function sayUses({ scales, wheels, schemes, mixes, grounds, plates }: Uses): string {
	if (plates.length === 0) return 'not used yet';
	const uses = [
		...(scales > 0 ? [plural(scales, 'scale')] : []),
		...(wheels > 0 ? [plural(wheels, 'wheel')] : []),
		...(schemes > 0 ? [plural(schemes, 'scheme')] : []),
		...(mixes > 0 ? [`${mixes} ${mixes === 1 ? 'plate' : 'plates'} of mixes`] : []),
		...(grounds > 0 ? [`${grounds} ${grounds === 1 ? 'plate' : 'plates'} of grounds`] : [])
	]
		.join(', ')
		.replace(/, ([^,]*)$/, ' and $1');
	return `used in ${uses} on ${plural(plates.length, 'plate')}`;
}
