import { groundsOf } from '$lib/drawing/grounds/grounds-of';
import { setContrast, setGroundColour } from '../study/grounds-edits';
import { type SettableSource } from '../study/subject';
import { type Held, type Workbench } from '../study/workbench.svelte';

const ORDINALS = ['first', 'second'] as const;

/** The ground, figure or twin that is held, with how it is set. One colour on two grounds is set in one place. */
export function groundHeld(
	{ groundsPlate: plate, document }: Workbench,
	{ what, index }: Extract<Held, { kind: 'ground' }>
): SettableSource | null {
	if (!plate) return null;
	if (what === 'twin') {
		const { now, series } = groundsOf(plate, document.linked).contrast ?? {};
		if (!now || !series) return null;
		return {
			source: series.twin ?? { text: now.twin.hex },
			name: 'Twin',
			note: 'set it until both look alike',
			put: (twin) => setContrast(plate.id, (latest) => ({ ...latest, twin }))
		};
	}
	const alone = what === 'figure' && plate.exercise !== 'two-as-one';
	const at = alone ? 0 : index;
	return {
		source: plate[what === 'ground' ? 'grounds' : 'figures'][at],
		name: alone ? 'Figure' : `${ORDINALS[at] === 'first' ? 'First' : 'Second'} ${what}`,
		note:
			what === 'ground'
				? `${ORDINALS[at]} ground`
				: alone
					? 'figure on every ground'
					: `figure on the ${ORDINALS[at]} ground`,
		put: (source) => setGroundColour(plate.id, what, at, source)
	};
}
