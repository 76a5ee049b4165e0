import { newId } from '$lib/model/ids';
import { isWriting } from '$lib/ui/is-writing';

/** Presses that follow each other within so many milliseconds are one act. */
const PAUSE = 700;

/** The button that is pressed again and again, where it is one; what is dragged begins anew each time. */
const buttonAt = (target: EventTarget | null): Element | null =>
	target instanceof Element ? target.closest('button:not([role=slider])') : null;

/**
 * The acts of a hand on a study, so that what one of them did is undone together: a drag, a key that is held, presses that follow each
 * other quickly, what is written into a field until it is left. Each has a key of its own, never the same twice; an act lasts until the
 * next begins. Nothing is known of what is edited.
 */
export class Acts {
	private key = newId();
	private pressed = false;
	private lastPress = { at: -Infinity, button: null as Element | null };
	private lastKey = -Infinity;
	private readonly keys = new Set<string>();

	/** The key of the act that goes on. */
	get now(): string {
		return this.key;
	}

	/** What is done from here on is another act. */
	begin(): void {
		this.key = newId();
	}

	/** Follows the hand on a page; gives what ends that. */
	follow(page: Window): () => void {
		const ended = new AbortController();
		const options = { capture: true, signal: ended.signal };
		page.addEventListener('pointerdown', (event) => this.press(event), options);
		page.addEventListener('pointerup', () => (this.pressed = false), options);
		page.addEventListener('pointercancel', () => (this.pressed = false), options);
		page.addEventListener('keydown', (event) => this.pressKey(event), options);
		page.addEventListener('keyup', ({ key }) => this.keys.delete(key), options);
		page.addEventListener('focusin', (event) => this.enter(event), options);
		// What is let go elsewhere is not told of.
		page.addEventListener('blur', ({ target }) => target === page && this.letGo(), options);
		return () => ended.abort();
	}

	private press({ target, timeStamp }: PointerEvent): void {
		this.pressed = true;
		const button = buttonAt(target);
		const again = button !== null && button === this.lastPress.button && timeStamp - this.lastPress.at <= PAUSE;
		this.lastPress = { at: timeStamp, button };
		// Where one goes on writing the caret is only put elsewhere.
		if (!again && !(isWriting(target) && target === document.activeElement)) this.begin();
	}

	private pressKey({ target, key, timeStamp }: KeyboardEvent): void {
		const begins = isWriting(target) ? key === 'Enter' : this.keys.size === 0 && timeStamp - this.lastKey > PAUSE;
		this.keys.add(key);
		this.lastKey = timeStamp;
		if (begins) this.begin();
	}

	/** Another field, unless a press brought the focus, which is an act already. */
	private enter({ target }: FocusEvent): void {
		if (!this.pressed && isWriting(target)) this.begin();
	}

	private letGo(): void {
		this.keys.clear();
		this.pressed = false;
	}
}
