import { type GroundForm } from '../common';

export const GROUND_FORM_WORDS: Readonly<Record<GroundForm, string>> = {
	fields: 'fields that touch',
	squares: 'squares',
	circles: 'discs'
};
