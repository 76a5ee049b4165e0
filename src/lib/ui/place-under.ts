/** Puts an open popover under its button, inside the window; above it where there is no room below. */
export function placeUnder(button: HTMLElement, list: HTMLElement): void {
	const { left, bottom, top } = button.getBoundingClientRect();
	const { offsetWidth: width, offsetHeight: height } = list;
	list.style.left = `${Math.max(4, Math.min(left, window.innerWidth - width - 8))}px`;
	const below = bottom + height + 8 <= window.innerHeight;
	list.style.top = `${below ? bottom + 4 : Math.max(4, Math.min(top - height - 4, window.innerHeight - height - 8))}px`;
}

const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };

/** Arrow keys go through the choices of an open list, round its ends. */
export function goThrough(event: KeyboardEvent, list: HTMLElement | undefined, choices: string): void {
	const step = STEPS[event.key];
	if (step === undefined || !list) return;
	const found = [...list.querySelectorAll<HTMLElement>(choices)];
	const at = found.findIndex((choice) => choice === document.activeElement);
	if (at < 0) return;
	event.preventDefault();
	found[(at + step + found.length) % found.length]?.focus();
}
