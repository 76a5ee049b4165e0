import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Acts } from './acts';

/** As much of an element as is asked for: what it is called, and what it lies in. */
class StandIn extends EventTarget {
	constructor(
		private readonly name: string,
		private readonly button: StandIn | null = null
	) {
		super();
	}
	matches(selector: string): boolean {
		return selector.split(', ').includes(this.name);
	}
	closest(): StandIn | null {
		return this.name === 'button' ? this : this.button;
	}
}
const [plate, field, other, button] = [
	new StandIn('div'),
	new StandIn('textarea'),
	new StandIn('textarea'),
	new StandIn('button')
];
const sign = new StandIn('svg', button);

let page: EventTarget;
let acts: Acts;
let time = 0;
let focused: unknown = null;

beforeEach(() => {
	for (const name of ['Element', 'HTMLElement']) vi.stubGlobal(name, StandIn);
	vi.stubGlobal('document', {
		get activeElement() {
			return focused;
		}
	});
	[page, acts, time, focused] = [new EventTarget(), new Acts(), 10_000, null];
	acts.follow(page as Window);
});
afterEach(() => vi.unstubAllGlobals());

/** Does something after so many milliseconds and gives the act that goes on. */
function does(type: string, target: EventTarget, after = 1000, key = ''): string {
	time += after;
	const event = new Event(type);
	for (const [name, value] of Object.entries({ target, timeStamp: time, key }))
		Object.defineProperty(event, name, { value });
	if (type === 'focusin') focused = target;
	page.dispatchEvent(event);
	return acts.now;
}
const press = (target: EventTarget, after?: number): string => {
	const act = does('pointerdown', target, after);
	does('pointerup', target, 5);
	return act;
};
const key = (target: EventTarget, name: string, after?: number): string => {
	const act = does('keydown', target, after, name);
	does('keyup', target, 5, name);
	return act;
};

it('a drag is one act from where it takes hold, and the next drag of the same thing another, however soon', () => {
	const first = does('pointerdown', plate);
	expect(does('pointermove', plate)).toBe(first);
	expect(does('pointerup', plate)).toBe(first);
	const second = press(plate, 50);
	expect(second).not.toBe(first);
	// What takes the focus by a press goes on with what the press began.
	const third = does('pointerdown', field);
	expect(does('focusin', field, 1)).toBe(third);
	expect(new Set([first, second, third]).size).toBe(3);
});

it('keys that follow each other quickly, or are held, are one act; after a pause it is another', () => {
	const first = key(plate, 'ArrowUp');
	expect(key(plate, 'ArrowUp', 300)).toBe(first);
	expect(key(plate, 'ArrowDown', 300)).toBe(first);
	expect(key(plate, 'ArrowUp', 800)).not.toBe(first);
	const held = does('keydown', plate, 900, 'Shift');
	expect(key(plate, 'ArrowLeft', 2000)).toBe(held);
	expect(key(plate, 'ArrowLeft', 2000)).toBe(held);
	does('keyup', plate, 100, 'Shift');
	expect(key(plate, 'ArrowLeft', 2000)).not.toBe(held);
});

it('a key that is let go in another window is not held for ever', () => {
	const first = does('keydown', plate, 0, 'Alt');
	does('blur', page);
	expect(key(plate, 'ArrowUp', 900)).not.toBe(first);
});

it('a button that is pressed again at once goes on, on its sign or beside it; later, or after another press, it does not', () => {
	const first = press(button);
	expect(press(sign, 200)).toBe(first);
	expect(press(button, 900)).not.toBe(first);
	const second = press(button, 900);
	press(plate, 100);
	expect(press(button, 100)).not.toBe(second);
});

it('what is written into a field is one act until it is left, or Enter ends it', () => {
	const first = does('focusin', field);
	for (const letter of 'madder') expect(key(field, letter, 900)).toBe(first);
	focused = field;
	expect(press(field)).toBe(first);
	expect(does('focusin', other)).not.toBe(first);
	const second = acts.now;
	expect(key(other, 'Enter', 10)).not.toBe(second);
	expect(does('focusin', field)).not.toBe(first);
});

it('no act is ever called as another was, on this study or on another, and nobody is followed beyond the end', () => {
	const [one, two] = [new Acts(), new Acts()];
	const keys = Array.from({ length: 100 }, (_, i) => {
		(i % 2 ? one : two).begin();
		return (i % 2 ? one : two).now;
	});
	expect(new Set(keys).size).toBe(100);
	const elsewhere = new EventTarget();
	one.follow(elsewhere as Window)();
	const before = one.now;
	elsewhere.dispatchEvent(new Event('pointerdown'));
	expect(one.now).toBe(before);
});
