let mixer: HTMLElement | null = null;

/** Says which element is the mixer, for as long as it is there. */
export function asMixer(element: HTMLElement): () => void {
	mixer = element;
	return () => {
		if (mixer === element) mixer = null;
	};
}

/** Goes from a colour of the plate to what sets it: its code, chosen so that another can be typed, or the first of what it follows from. */
export function focusMixer(): void {
	const found = mixer?.querySelector<HTMLElement>('[data-code-field], [data-parents] button');
	found?.focus();
	if (found instanceof HTMLInputElement) found.select();
}
