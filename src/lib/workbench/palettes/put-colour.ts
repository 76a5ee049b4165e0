import { type TakenColour } from '$lib/model/colour-text';
import { changeLinked } from '$lib/model/edit-linked';
import { notices } from '$lib/ui/notices.svelte';
import { settableHeld } from '../mixer/subject';
import { type Workbench } from '../study/workbench.svelte';

const LABEL = 'Take a colour from a palette';

/** Puts a colour in the place of the one that the mixer holds: a parent, a pinned step, a lead colour, a linked colour. */
export function putInHeld(workbench: Workbench, colour: TakenColour): void {
	const { held } = workbench;
	const source = settableHeld(workbench);
	if (source) workbench.edit(LABEL, source.put(colour));
	else if (held?.kind === 'linked') workbench.edit(LABEL, changeLinked(held.id, { text: colour.text }));
	else notices.say('The mixer holds no colour that can be set. Choose a parent or a linked colour first.');
}
