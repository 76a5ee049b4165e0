import { type ShippedDrawing } from './names';

interface Shipped {
	readonly name: string;
	readonly width: number;
	readonly height: number;
	readonly regions: readonly string[];
}
const stub: Shipped = { name: 'Stub', width: 10, height: 10, regions: ['M0 0L10 0L10 10L0 10z'] };
export const SHIPPED: Readonly<Record<ShippedDrawing, Shipped>> = {
	lozenges: stub,
	leaves: stub,
	landscape: stub,
	'still-life': stub,
	lettering: stub
};
