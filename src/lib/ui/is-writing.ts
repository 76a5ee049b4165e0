const isField = (target: EventTarget | null, fields: string): boolean =>
	target instanceof HTMLElement && target.matches(fields);

/** Whether a key is pressed where a text is being written, whose own keys for undoing and taking along come first. */
export const isWriting = (target: EventTarget | null): boolean =>
	isField(target, 'input:not([type=range], [type=radio], [type=checkbox]), textarea');

/** Where a letter or digit means something by itself: a text, or a list of choices. */
const TAKES_LETTERS = 'input:not([type=range], [type=radio]), textarea, select';

/** The key that is pressed by itself, a letter as a small one; null with another than Shift, or where it is part of what is written. */
export const keyAlone = ({ key, target, ctrlKey, metaKey, altKey }: KeyboardEvent): string | null =>
	ctrlKey || metaKey || altKey || isField(target, TAKES_LETTERS) ? null : key.toLowerCase();
