import { type Patch } from '$lib/drawing/patch';
import { type NamedCode } from '../kind';

/** Both grounds as they are read. */
export const namedGrounds = ([first, second]: readonly [Patch, Patch]): NamedCode[] => [
	{ name: 'First ground', hex: first.hex },
	{ name: 'Second ground', hex: second.hex }
];
