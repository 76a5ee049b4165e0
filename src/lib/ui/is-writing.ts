const isField = (target: EventTarget | null, fields: string): boolean =>
	target instanceof HTMLElement && target.matches(fields);

/** Whether a key is pressed where a text is being written, whose own keys for undoing and taking along come first. */
export const isWriting = (target: EventTarget | null): boolean =>
	isField(target, 'input:not([type=range], [type=radio], [type=checkbox]), textarea');

/** Whether a letter or digit is pressed where it means something by itself: in a text, or in a list of choices. */
export const takesLetters = (target: EventTarget | null): boolean =>
	isField(target, 'input:not([type=range], [type=radio]), textarea, select');
