let mixer: HTMLElement | null = null;

/** Says which element is the mixer, for as long as it is there. */
export function asMixer(element: HTMLElement): () => void {
	mixer = element;
	return () => {
		if (mixer === element) mixer = null;
	};
}

/** Goes from a colour of the plate to what sets it: its code, chosen so that another can be typed, the first of what it follows from, or the first track where it is set by eye. */
export function focusMixer(): void {
	const found = mixer?.querySelector<HTMLElement>('[data-code-field], [data-parents] button, input[type=range]');
	found?.focus();
	if (found instanceof HTMLInputElement && found.type === 'text') found.select();
}
