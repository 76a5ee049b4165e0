import { type ShippedDrawing } from './names';
import { type Shipped } from './shipped-drawing';
import { SHIPPED as landscape } from './shipped/landscape';
import { SHIPPED as leaves } from './shipped/leaves';
import { SHIPPED as lettering } from './shipped/lettering';
import { SHIPPED as lozenges } from './shipped/lozenges';
import { SHIPPED as stillLife } from './shipped/still-life';

/** The drawings that ship, as regions to be filled. */
export const SHIPPED: Readonly<Record<ShippedDrawing, Shipped>> = {
	lozenges,
	leaves,
	landscape,
	'still-life': stillLife,
	lettering
};
