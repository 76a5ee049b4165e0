import { RECIPE_WORDS } from '$lib/core/scale/words';
import { linkedOf, scaleOf, textOf, usedParents } from '$lib/drawing/resolve';
import { type LinkedColour } from '$lib/model/study';
import { changeLinked, setParent } from '../study/edits';
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

const ordinal = ['first', 'second'];

export function subjectOf(workbench: Workbench): Subject | null {
	const { held, document, plate } = workbench;
	if (!held) return null;
	if (held.kind === 'linked') {
		const linked = document.linked.find(({ id }) => id === held.id)!;
		return aboutLinked(linked, sayUses(usesOf(linked.id, document)));
	}
	const row = plate!.scales.findIndex(({ id }) => id === held.scale);
	const scale = plate!.scales[row]!;
	const name = RECIPE_WORDS[scale.recipe].name.toLowerCase();
	if (held.kind === 'parent') {
		const source = scale.parents[held.index === 0 ? 0 : 1];
		const linked = linkedOf(source, document.linked);
		if (linked) return aboutLinked(linked, sayUses(usesOf(linked.id, document)));
		const note = `${ordinal[held.index]} parent of row ${row + 1}, ${name}`;
		return {
			name: 'Own colour',
			note,
			text: textOf(source, document.linked),
			linked: null,
			settable: true,
			parents: []
		};
	}
	const { steps, inAll } = scaleOf(scale, document.linked);
	const step = steps[Math.min(held.step, inAll - 1)]!;
	return {
		name: `Step ${Math.min(held.step, inAll - 1) + 1} of ${inAll}`,
		note: 'follows from its parents',
		text: step.hex,
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
	const { held, plate } = workbench;
	const subject = subjectOf(workbench);
	if (!held || !subject?.settable || subject.text === text) return;
	if (subject.linked) workbench.edit(`Set ${subject.linked.name}`, changeLinked(subject.linked.id, { text }), gesture);
	else if (held.kind === 'parent')
		workbench.edit('Set a parent', setParent(plate!.id, held.scale, held.index, { text }), gesture);
}
