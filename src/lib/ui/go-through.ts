const STEPS: Readonly<Record<string, (at: number, last: number) => number>> = {
	ArrowDown: (at, last) => (at === last ? 0 : at + 1),
	ArrowUp: (at, last) => (at <= 0 ? last : at - 1),
	Home: () => 0,
	End: (_, last) => last
};

/** What is typed without such a pause belongs together, in milliseconds. */
const TYPED_TOGETHER = 700;
let typed = { text: '', at: 0 };

/** The next choice after the one at hand that begins with what was typed. */
function byTyping(key: string, words: readonly string[], at: number): number {
	const now = performance.now();
	typed = { text: now - typed.at > TYPED_TOGETHER ? key : typed.text + key, at: now };
	const start = typed.text.toLowerCase();
	// One letter goes on to the next that begins with it; more of them stay where they fit.
	const from = typed.text.length > 1 ? at : at + 1;
	const order = words.map((_, i) => (from + i) % words.length);
	return order.find((i) => words[i]!.trim().toLowerCase().startsWith(start)) ?? -1;
}

/** Keys go through the choices of an open list: arrows round its ends, Home and End, and the letters that a choice begins with. */
export function goThrough(event: KeyboardEvent, list: HTMLElement | undefined, choices: string): void {
	if (!list || event.ctrlKey || event.metaKey || event.altKey) return;
	const found = [...list.querySelectorAll<HTMLElement>(choices)];
	const at = found.findIndex((choice) => choice === document.activeElement);
	if (at < 0) return;
	const step = STEPS[event.key];
	const isLetter = event.key.length === 1 && event.key !== ' ';
	const next = step
		? step(at, found.length - 1)
		: isLetter
			? byTyping(
					event.key,
					found.map(({ textContent }) => textContent),
					at
				)
			: -1;
	if (next < 0) return;
	event.preventDefault();
	found[next]!.focus();
}
