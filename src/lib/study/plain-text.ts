/** A text as it can be kept: line breaks of one kind, without control and broken characters. */
export const plainText = (typed: string): string =>
	typed.replace(/\r\n?/g, '\n').replace(/[^\P{Control}\n\t]|\p{Surrogate}/gu, '');
