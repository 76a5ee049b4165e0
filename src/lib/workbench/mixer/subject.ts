import { changeLinked } from '$lib/model/edit-linked';
import { givenName, linkedOf, textOf } from '$lib/model/resolve';
import { followedBy } from '$lib/model/sources';
import { type Settable } from '$lib/plates/kind';
import { kindOf } from '$lib/plates/kinds';
import { type StudyDocument } from '$lib/study/study';
import { usesOf } from '$lib/study/uses';
import { aboutLinked, type Subject } from '../study/subject';
import { type Workbench } from '../study/workbench.svelte';

/** The place that is held, with how it is set; null for a colour that follows, and for a linked colour. */
export function settableHeld({ held, plate, document }: Workbench): Settable | null {
	if (held?.kind !== 'place' || !plate) return null;
	return kindOf(plate).places.settable(plate, held.place, document.linked);
}

export function subjectOf(workbench: Workbench): Subject | null {
	const { held, plate, document } = workbench;
	if (!held) return null;
	if (held.kind === 'linked') {
		const linked = document.linked.find(({ id }) => id === held.id)!;
		return aboutLinked(linked, usesOf(linked.id, document));
	}
	const settable = settableHeld(workbench);
	if (settable) {
		const linked = linkedOf(settable.source, document.linked);
		if (linked) return aboutLinked(linked, usesOf(linked.id, document));
		const text = textOf(settable.source, document.linked);
		const another = aboutFollowed(settable, document);
		if (another) return another;
		const name = givenName(settable.source, document.linked) ?? settable.name ?? 'Own colour';
		return { name, note: settable.note, text, linked: null, follows: null, parents: [] };
	}
	const following = plate && kindOf(plate).places.following(plate, held.place, document.linked);
	return following && { ...following, linked: null };
}

/** A place that follows a colour of another plate. */
function aboutFollowed(
	{ source, name = 'Own colour', note }: Settable,
	{ plates, linked }: StudyDocument
): Subject | null {
	const follows = followedBy(source);
	const target = follows && plates.find(({ id }) => id === follows.plate);
	const gives = target && kindOf(target).gives;
	const given = gives?.at(target!, follows!.place, linked);
	if (!target || !given) return null;
	return {
		name,
		note,
		text: given.hex,
		linked: null,
		follows: `It follows ${given.name}, on “${target.title}”. Turn that one, or let this one go:`,
		parents: [],
		elsewhere: { name: given.name, plate: target.id, place: gives!.held(target, follows!.place, linked) }
	};
}

/**
 * Sets the held colour; a linked one changes wherever it is used, one that followed another plate follows no more.
 * @param by By what it is set, where the hand may go on setting it: those of one act are undone together.
 */
export function setHeldColour(workbench: Workbench, text: string, by: string | null = null): void {
	const subject = subjectOf(workbench);
	if (!subject || subject.text === text) return;
	const what = by && `${by} ${JSON.stringify(workbench.held)}`;
	if (subject.linked) workbench.edit(`Set ${subject.linked.name}`, changeLinked(subject.linked.id, { text }), what);
	else {
		const held = settableHeld(workbench);
		if (held) workbench.edit('Set a colour', held.put({ text }), what);
	}
}
