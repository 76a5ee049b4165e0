const ORDINALS = [
	'first',
	'second',
	'third',
	'fourth',
	'fifth',
	'sixth',
	'seventh',
	'eighth',
	'ninth',
	'tenth',
	'eleventh',
	'twelfth'
];

/** "third" for the index 2, from 0; "further" beyond the twelfth. */
export const ordinal = (index: number): string => ORDINALS[index] ?? 'further';
