import { type Step } from '$lib/core/scale/scale';
import { ringName } from '$lib/core/scheme/chart-words';
import { linkedOf, textOf } from '$lib/drawing/resolve';
import { chartOf, hueRing } from '$lib/drawing/wheel/chart-of';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { type SettableSource, type Subject } from '../study/subject';
import { setLead } from '../study/wheel-edits';
import { type Held, type Workbench } from '../study/workbench.svelte';

type Cell = Extract<Held, { kind: 'cell' }>;

/** "Hue 3 of 12", "Tint 2 of hue 3" */
export function cellName(plate: WheelPlate, { spoke, ring }: Omit<Cell, 'kind'>): string {
	const out = ring - hueRing(plate);
	if (out === 0) return `Hue ${spoke + 1} of ${plate.hues}`;
	return `${ringName((out < 0 ? plate.inside : plate.outside).recipe, Math.abs(out))} of hue ${spoke + 1}`;
}

/** The colours of a spoke with their names, from the middle outwards. */
export const coloursOfSpoke = (
	plate: WheelPlate,
	spoke: number,
	steps: readonly Step[]
): { name: string; hex: string }[] => steps.map(({ hex }, ring) => ({ name: cellName(plate, { spoke, ring }), hex }));

export function leadOf({ wheelPlate: plate }: Workbench): SettableSource | null {
	if (!plate) return null;
	return { source: plate.lead, note: 'lead colour of the wheel', put: (source) => setLead(plate.id, source) };
}

/** A cell of the wheel, which follows from the lead colour or from the value and chroma given. */
export function aboutCell({ wheelPlate: plate, document }: Workbench, held: Cell): Subject | null {
	const step = plate && chartOf(plate, document.linked)[held.spoke]?.steps[held.ring];
	if (!plate || !step) return null;
	const given = plate.from === 'given';
	const name = linkedOf(plate.lead, document.linked)?.name ?? textOf(plate.lead, document.linked);
	return {
		name: cellName(plate, held),
		note: given ? 'follows from the value and chroma given' : 'follows from the lead colour',
		text: step.hex,
		linked: null,
		follows: given
			? 'It follows from the value and chroma above. Set those, or begin the wheel from this colour:'
			: 'It follows from the lead colour and the wheel. Turn the lead colour, or begin the wheel from this one:',
		parents: given ? [] : [{ name, held: { kind: 'lead' } }]
	};
}
