import { RECIPE_WORDS } from '$lib/core/scale/words';
import { linkedOf, scaleOf, textOf, usedParents } from '$lib/drawing/resolve';
import { pinStep, setParent } from '../study/scale-edits';
import { type SettableSource, type Subject } from '../study/subject';
import { type Held, type Workbench } from '../study/workbench.svelte';

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

type HeldOfScale = Extract<Held, { kind: 'parent' | 'step' }>;

/** The parent or pinned step that is held; null for a step that follows. */
export function sourceInScale({ scalesPlate: plate, document }: Workbench, held: HeldOfScale): SettableSource | null {
	if (!plate) return null;
	const row = plate.scales.findIndex(({ id }) => id === held.scale);
	const scale = plate.scales[row]!;
	const where = `of row ${row + 1}, ${RECIPE_WORDS[scale.recipe].name.toLowerCase()}`;
	if (held.kind === 'parent') {
		const last = held.index > 1 && held.index === scale.parents.length - 1;
		return {
			source: scale.parents[held.index]!,
			note: `${last ? 'last' : (ORDINALS[held.index] ?? 'further')} parent ${where}`,
			put: (source) => setParent(plate.id, scale.id, held.index, source)
		};
	}
	const pin = scale.pins?.find(({ step }) => step === held.step);
	if (!pin) return null;
	return {
		source: pin.colour,
		note: `step ${held.step + 1} ${where}, pinned`,
		put: (source) => pinStep(plate.id, scale.id, held.step, source, document.linked)
	};
}

/** A step that follows from its parents. */
export function aboutStep({ scalesPlate, document }: Workbench, held: HeldOfScale): Subject | null {
	const scale = scalesPlate?.scales.find(({ id }) => id === held.scale);
	if (!scale) return null;
	const { steps, inAll } = scaleOf(scale, document.linked);
	const at = held.kind === 'step' ? Math.min(held.step, inAll - 1) : 0;
	return {
		name: `Step ${at + 1} of ${inAll}`,
		note: 'follows from its parents',
		text: steps[at]!.hex,
		linked: null,
		follows: 'It follows from its parents, recipe, count and spacing. Turn a parent, or set this step yourself:',
		parents: usedParents(scale).map((source, index) => ({
			name: linkedOf(source, document.linked)?.name ?? textOf(source, document.linked),
			held: { kind: 'parent', scale: scale.id, index }
		}))
	};
}
