import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type ScalesPlace } from '../places';
import { type ScaleDecision } from '../scale';
import { type ScalesPlate } from '../schema';

/** The parent or step that is held; null while the mixer holds a linked colour, or nothing. Only asked while a plate of scales is open. */
export const placeOn = ({ placeHeld }: Workbench): ScalesPlace | null => placeHeld as ScalesPlace | null;

/** The scale of an open plate that is chosen: the one of which something is held, or was last. */
export function scaleOn({ place }: Workbench, { scales }: ScalesPlate): ScaleDecision | null {
	const last = place as ScalesPlace | null;
	return scales.find(({ id }) => id === last?.scale) ?? null;
}

/** The plate of scales that is open with the scale that is chosen on it; null where there is none. */
export function chosen(workbench: Workbench): { plate: ScalesPlate; scale: ScaleDecision } | null {
	const { plate } = workbench;
	const scale = plate?.kind === 'scales' ? scaleOn(workbench, plate) : null;
	return plate?.kind === 'scales' && scale ? { plate, scale } : null;
}

/** Chooses a scale of the open plate: its first parent is held. */
export const chooseScale = (workbench: Workbench, id: string): void =>
	workbench.hold({ kind: 'parent', scale: id, index: 0 } satisfies ScalesPlace);
