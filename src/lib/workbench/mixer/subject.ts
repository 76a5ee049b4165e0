import { linkedOf, textOf } from '$lib/drawing/resolve';
import { aboutStep, sourceInScale } from '../scales/scale-subject';
import { changeLinked } from '../study/edits';
import { aboutLinked, type SettableSource, type Subject } from '../study/subject';
import { usesOf } from '../study/uses';
import { type Workbench } from '../study/workbench.svelte';
import { aboutCell, leadOf } from '../wheel/wheel-subject';
import { groundHeld } from '../grounds/grounds-subject';
import { aboutMix, mixedHeld } from '../mixes/mixes-subject';
import { aboutRelative, memberHeld } from '../scheme/scheme-subject';

/** The colour source that is held, with how it is set; null for a colour that follows, and for a linked colour. */
export function sourceHeld(workbench: Workbench): SettableSource | null {
	const { held } = workbench;
	switch (held?.kind) {
		case 'parent':
		case 'step':
			return sourceInScale(workbench, held);
		case 'lead':
			return workbench.schemePlate ? memberHeld(workbench, 0) : leadOf(workbench);
		case 'member':
			return memberHeld(workbench, held.index);
		case 'mixed':
			return mixedHeld(workbench, held);
		case 'ground':
			return groundHeld(workbench, held);
		default:
			return null;
	}
}

export function subjectOf(workbench: Workbench): Subject | null {
	const { held, document } = workbench;
	if (!held) return null;
	if (held.kind === 'linked') {
		const linked = document.linked.find(({ id }) => id === held.id)!;
		return aboutLinked(linked, usesOf(linked.id, document));
	}
	const settable = sourceHeld(workbench);
	if (settable) {
		const linked = linkedOf(settable.source, document.linked);
		if (linked) return aboutLinked(linked, usesOf(linked.id, document));
		const text = textOf(settable.source, document.linked);
		return { name: settable.name ?? 'Own colour', note: settable.note, text, linked: null, follows: null, parents: [] };
	}
	switch (held.kind) {
		case 'cell':
			return aboutCell(workbench, held);
		case 'relative':
			return aboutRelative(workbench, held);
		case 'mixed':
			return aboutMix(workbench, held);
		case 'lead':
		case 'member':
		case 'ground':
			return null;
		default:
			return aboutStep(workbench, held);
	}
}

/** Sets the held colour; a linked one changes wherever it is used. */
export function setHeldColour(workbench: Workbench, text: string, gesture: string | null): void {
	const subject = subjectOf(workbench);
	if (!subject || subject.follows !== null || subject.text === text) return;
	if (subject.linked) workbench.edit(`Set ${subject.linked.name}`, changeLinked(subject.linked.id, { text }), gesture);
	else {
		const held = sourceHeld(workbench);
		if (held) workbench.edit('Set a colour', held.put({ text }), gesture);
	}
}
