import { colourWords } from '$lib/core/colour/hue-words';
import { type Step } from '$lib/core/scale/scale';

/** What stands at each colour of a scale or a wheel. */
export const LABELS = ['value', 'code', 'name', 'number', 'none'] as const;
export type Label = (typeof LABELS)[number];

/** What people read for each label. */
export const LABEL_WORDS: Readonly<Record<Label, string>> = {
	value: 'value',
	code: 'code',
	name: 'in words',
	number: 'number',
	none: 'nothing'
};

/** What stands at a step, by the label that was asked for. */
export function labelOf(step: Step, index: number, label: Label): string {
	switch (label) {
		case 'value':
			return step.value.toFixed(0);
		case 'code':
			return step.hex;
		case 'name':
			return colourWords(step.linear);
		case 'number':
			return String(index + 1);
		case 'none':
			return '';
	}
}
