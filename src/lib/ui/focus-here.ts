/** Puts the focus into a field that has just come up because somebody asked to type in it, with its text chosen. */
export function focusHere(field: HTMLInputElement): void {
	field.focus();
	field.select();
}
