import { type Attachment } from 'svelte/attachments';
import { readColour } from '$lib/core/colour/read';
import { Problem } from '$lib/core/problem';

const OURS = 'application/x-ricercar-colour';

/** Lets a colour be dragged from where it is shown: as CSS text, which other programs take too. */
export function dragColour(event: DragEvent, text: string): void {
	event.dataTransfer?.setData(OURS, text);
	event.dataTransfer?.setData('text/plain', text);
}

/** The colour that is dropped, or null where it is none of ours. */
function dropped(event: DragEvent): string | null {
	const text = event.dataTransfer?.getData(OURS) ?? '';
	try {
		return text === '' || readColour(text).alpha < 1 ? null : text;
	} catch (error) {
		if (!(error instanceof Problem)) throw error;
		return null;
	}
}

const carriesColour = (event: DragEvent): boolean => event.dataTransfer?.types.includes(OURS) ?? false;

/** An element on which a dragged colour can be dropped; it is marked while one is over it. */
export const takesColour =
	(put: (text: string, on: Element | null) => void): Attachment<HTMLElement> =>
	(element) => {
		const over = (event: DragEvent) => {
			if (!carriesColour(event)) return;
			event.preventDefault();
			element.dataset.over = 'yes';
		};
		const leave = () => delete element.dataset.over;
		const drop = (event: DragEvent) => {
			leave();
			const text = carriesColour(event) ? dropped(event) : null;
			if (text === null) return;
			event.preventDefault();
			put(text, event.target instanceof Element ? event.target : null);
		};
		const listeners = { dragover: over, dragleave: leave, drop } as const;
		for (const [name, listener] of Object.entries(listeners)) element.addEventListener(name, listener as EventListener);
		return () => {
			for (const [name, listener] of Object.entries(listeners))
				element.removeEventListener(name, listener as EventListener);
		};
	};
