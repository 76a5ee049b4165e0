import { RECIPE_WORDS } from '$lib/core/scale/words';
import { linkedOf, scaleOf, textOf, usedParents } from '$lib/drawing/resolve';
import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/study';
import { type Edit } from '../study/edit';
import { changeLinked } from '../study/edits';
import { pinStep, setParent } from '../study/scale-edits';
import { sayUses, usesOf } from '../study/uses';
import { type Held, type Workbench } from '../study/workbench.svelte';

/** What the mixer shows of the colour it holds. */
export interface Subject {
	readonly name: string;
	readonly note: string;
	/** The text that the colour is stored as, or the code of a step. */
	readonly text: string;
	/** The linked colour behind it, if any. */
	readonly linked: LinkedColour | null;
	/** A parent can be set; a step follows from its parents and cannot. */
	readonly settable: boolean;
	/** The parents that a step follows from. */
	readonly parents: readonly { name: string; held: Held }[];
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

/** A colour source of a scale that can be set, and the edit that puts another in its place. */
interface SettableSource {
	readonly source: ColourSource;
	readonly note: string;
	readonly put: (source: ColourSource) => Edit;
}

/** The parent or pinned step that is held; null for a step that follows, and for a linked colour. */
export function sourceHeld({ held, plate, document }: Workbench): SettableSource | null {
	if (!held || held.kind === 'linked' || !plate) return null;
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

export function subjectOf(workbench: Workbench): Subject | null {
	const { held, document, plate } = workbench;
	if (!held) return null;
	if (held.kind === 'linked') {
		const linked = document.linked.find(({ id }) => id === held.id)!;
		return aboutLinked(linked, sayUses(usesOf(linked.id, document)));
	}
	const settable = sourceHeld(workbench);
	if (settable) {
		const linked = linkedOf(settable.source, document.linked);
		if (linked) return aboutLinked(linked, sayUses(usesOf(linked.id, document)));
		const text = textOf(settable.source, document.linked);
		return { name: 'Own colour', note: settable.note, text, linked: null, settable: true, parents: [] };
	}
	const scale = plate!.scales.find(({ id }) => id === held.scale)!;
	const { steps, inAll } = scaleOf(scale, document.linked);
	const at = held.kind === 'step' ? Math.min(held.step, inAll - 1) : 0;
	return {
		name: `Step ${at + 1} of ${inAll}`,
		note: 'follows from its parents',
		text: steps[at]!.hex,
		linked: null,
		settable: false,
		parents: usedParents(scale).map((source, index) => ({
			name: linkedOf(source, document.linked)?.name ?? textOf(source, document.linked),
			held: { kind: 'parent', scale: scale.id, index }
		}))
	};
}

function aboutLinked(linked: LinkedColour, uses: string): Subject {
	return { name: linked.name, note: `linked colour, ${uses}`, text: linked.text, linked, settable: true, parents: [] };
}

/** Sets the held colour; a linked one changes wherever it is used. */
export function setHeldColour(workbench: Workbench, text: string, gesture: string | null): void {
	const subject = subjectOf(workbench);
	if (!subject?.settable || subject.text === text) return;
	if (subject.linked) workbench.edit(`Set ${subject.linked.name}`, changeLinked(subject.linked.id, { text }), gesture);
	else {
		const held = sourceHeld(workbench);
		if (held) workbench.edit('Set a colour', held.put({ text }), gesture);
	}
}
