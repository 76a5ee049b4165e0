import { type Attachment } from 'svelte/attachments';
import { colourSourceSchema, type TakenColour } from '$lib/model/colour-text';

const OURS = 'application/x-ricercar-colour';

/** Lets a colour be dragged from where it is shown: with its name for us, and as CSS text, which other programs take too. */
export function dragColour(event: DragEvent, { text, name }: TakenColour): void {
	event.dataTransfer?.setData(OURS, JSON.stringify({ text, name }));
	event.dataTransfer?.setData('text/plain', text);
}

/** The colour that is dropped, or null where it is none of ours. */
function dropped(event: DragEvent): TakenColour | null {
	try {
		const carried: unknown = JSON.parse(event.dataTransfer?.getData(OURS) ?? '');
		const source = colourSourceSchema.safeParse(carried);
		return source.success && 'text' in source.data ? source.data : null;
	} catch {
		return null;
	}
}

const carriesColour = (event: DragEvent): boolean => event.dataTransfer?.types.includes(OURS) ?? false;

/** An element on which a dragged colour can be dropped; it is marked while one is over it. */
export const takesColour =
	(put: (colour: TakenColour, on: Element | null) => void): Attachment<HTMLElement> =>
	(element) => {
		const over = (event: DragEvent) => {
			if (!carriesColour(event)) return;
			event.preventDefault();
			element.dataset.over = 'yes';
		};
		const leave = () => delete element.dataset.over;
		const drop = (event: DragEvent) => {
			leave();
			const colour = carriesColour(event) ? dropped(event) : null;
			if (colour === null) return;
			event.preventDefault();
			put(colour, event.target instanceof Element ? event.target : null);
		};
		const listeners = { dragover: over, dragleave: leave, drop } as const;
		for (const [name, listener] of Object.entries(listeners)) element.addEventListener(name, listener as EventListener);
		return () => {
			for (const [name, listener] of Object.entries(listeners))
				element.removeEventListener(name, listener as EventListener);
		};
	};
