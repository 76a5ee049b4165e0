import { type LinkedColour } from '$lib/model/linked';
import { type Given, type Gives } from '../kind';
import { type Cell } from './cell';
import { cellName } from './cell-names';
import { chartOf, hueRing } from './chart-of';
import { ringsOf, type WheelPlace } from './places';
import { type WheelPlate } from './schema';

/** A cell is named by its share of the turn, and by how many rings it lies outside (below 0: inside) of the hues. */
const placeOf = (plate: WheelPlate, { spoke, ring }: Cell): string =>
	`${(spoke / plate.hues).toFixed(4)} ${ring - hueRing(plate)}`;

/** The nearest hue; null where the ring is gone. */
function cellAt(plate: WheelPlate, place: string): Cell | null {
	const [turn, out] = place.split(' ').map(Number);
	const ring = hueRing(plate) + (out ?? NaN);
	if (!(turn! >= 0 && turn! < 1) || !(ring >= 0 && ring < ringsOf(plate))) return null;
	return { spoke: Math.round(turn! * plate.hues) % plate.hues, ring };
}

function given(plate: WheelPlate, cell: Cell, linked: readonly LinkedColour[]): Given | null {
	const step = chartOf(plate, linked)[cell.spoke]?.steps[cell.ring];
	return step ? { place: placeOf(plate, cell), name: cellName(plate, cell), hex: step.hex } : null;
}

function nameOfRing(plate: WheelPlate, ring: number): string {
	const out = ring - hueRing(plate);
	return out === 0 ? 'Hues' : `Ring ${Math.abs(out)} ${out < 0 ? 'inside' : 'outside'}`;
}

/** Every cell of the wheel, ring by ring, the hues first. */
export const wheelGives: Gives<WheelPlate, WheelPlace> = {
	rows: (plate, linked) => {
		const rings = Array.from({ length: ringsOf(plate) }, (_, ring) => ring);
		const hues = hueRing(plate);
		return [hues, ...rings.filter((ring) => ring !== hues)].map((ring) => ({
			name: nameOfRing(plate, ring),
			colours: Array.from({ length: plate.hues }, (_, spoke) => given(plate, { spoke, ring }, linked)).filter(
				(each) => each !== null
			)
		}));
	},
	at: (plate, place, linked) => {
		const cell = cellAt(plate, place);
		return cell && given(plate, cell, linked);
	},
	held: (plate, place) => {
		const cell = cellAt(plate, place);
		return cell && { kind: 'cell', ...cell };
	}
};
