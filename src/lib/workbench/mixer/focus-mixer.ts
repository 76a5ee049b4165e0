let mixer: HTMLElement | null = null;

/** Says which element is the mixer, for as long as it is there. */
export function asMixer(element: HTMLElement): () => void {
	mixer = element;
	return () => {
		if (mixer === element) mixer = null;
	};
}

/** Goes from a colour of the plate to what sets it: its first track, or the first of what it follows from. */
export const focusMixer = (): void =>
	mixer?.querySelector<HTMLElement>('input[type=range], [data-parents] button')?.focus();
