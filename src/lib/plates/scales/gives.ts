import { type LinkedColour } from '$lib/model/linked';
import { type Given, type Gives } from '../kind';
import { nameOfScale } from './draw-scales';
import { type ScalesPlace } from './places';
import { type ScaleDecision } from './scale';
import { scaleOf } from './scale-of';
import { type ScalesPlate } from './schema';

type Linked = readonly LinkedColour[];

/** A step is named by its scale and its share of the way, so that it is found again, by the nearest, when there are more or fewer. */
const placeOf = ({ id }: ScaleDecision, step: number, inAll: number): string =>
	`${id} ${(step / Math.max(1, inAll - 1)).toFixed(4)}`;

function stepAt({ scales }: ScalesPlate, place: string, linked: Linked) {
	const [id, share] = place.split(' ');
	const scale = scales.find((each) => each.id === id);
	const at = Number(share);
	if (!scale || share === undefined || !(at >= 0 && at <= 1)) return null;
	const { steps, inAll } = scaleOf(scale, linked);
	const index = Math.round(at * (inAll - 1));
	return { scale, index, step: steps[index]!, inAll };
}

const given = (scale: ScaleDecision, hex: string, index: number, inAll: number): Given => ({
	place: placeOf(scale, index, inAll),
	name: `step ${index + 1} of ${inAll}`,
	hex
});

/** The steps of every scale, parents among them. */
export const scalesGive: Gives<ScalesPlate, ScalesPlace> = {
	rows: ({ scales }, linked) =>
		scales.map((scale) => {
			const { steps, inAll } = scaleOf(scale, linked);
			return {
				name: nameOfScale(scale, linked),
				colours: steps.map(({ hex }, index) => given(scale, hex, index, inAll))
			};
		}),
	at: (plate, place, linked) => {
		const found = stepAt(plate, place, linked);
		return found && given(found.scale, found.step.hex, found.index, found.inAll);
	},
	held: (plate, place, linked) => {
		const found = stepAt(plate, place, linked);
		if (!found) return null;
		const { scale, index, step } = found;
		return step.parent === null || step.pinned
			? { kind: 'step', scale: scale.id, step: index }
			: { kind: 'parent', scale: scale.id, index: step.parent };
	}
};
