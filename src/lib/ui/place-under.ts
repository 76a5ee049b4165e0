/** Puts an open popover under its button, inside the window; above it where there is no room below. */
export function placeUnder(button: HTMLElement, list: HTMLElement): void {
	const { left, bottom, top } = button.getBoundingClientRect();
	const { offsetWidth: width, offsetHeight: height } = list;
	list.style.left = `${Math.max(4, Math.min(left, window.innerWidth - width - 8))}px`;
	const below = bottom + height + 8 <= window.innerHeight;
	list.style.top = `${below ? bottom + 4 : Math.max(4, Math.min(top - height - 4, window.innerHeight - height - 8))}px`;
}
