import { MOST_LINKED, type LinkedColour } from '$lib/model/linked';
import { notices } from '$lib/ui/notices.svelte';
import { addAllLinked } from '$lib/model/edit-linked';
import { type Workbench } from './workbench.svelte';

/** Adds several linked colours as one edit, and says so; where there is no room for all, says that and adds none. */
export function linkAll(workbench: Workbench, label: string, colours: readonly LinkedColour[]): void {
	if (workbench.document.linked.length + colours.length > MOST_LINKED) {
		notices.say(`A study holds ${MOST_LINKED} linked colours at most; these would be ${colours.length} more.`);
		return;
	}
	workbench.edit(label, addAllLinked(colours));
	notices.say(`${colours.length} linked colours added.`, { label: 'Undo', run: () => workbench.undo() });
}
