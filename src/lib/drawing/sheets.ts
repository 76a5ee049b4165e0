import { linearToHex } from '$lib/core/colour/bytes';
import { valueToLuminance } from '$lib/core/colour/lab';

/** What a sheet can be without any colour: from white to black in equal steps of value. */
export const SHEETS: readonly { readonly name: string; readonly hex: string }[] = [
	'white',
	'very light grey',
	'light grey',
	'middle grey',
	'dark grey',
	'very dark grey',
	'black'
].map((name, i, { length }) => {
	const y = Math.max(0, valueToLuminance(100 * (1 - i / (length - 1))));
	return { name, hex: linearToHex(y, y, y) };
});
