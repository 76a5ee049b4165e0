import { judgeScale } from '$lib/core/brief/judge-scale';
import { type Verdict } from '$lib/core/brief/rules';
import { fit } from '$lib/core/colour/shown';
import { type Check } from './check';
import { type ScalesPlate } from './schema';
import { type ScaleDecision } from './scale';
import { type LinkedColour } from '$lib/model/linked';
import { scaleOf, usedParents } from './scale-of';
import { colourOf, textOf } from '$lib/model/resolve';

/** A check with what came of it; `scale` is the one that the verdict is about, null where a plate has none. */
export interface Judged extends Verdict {
	readonly check: Check;
	readonly scale: ScaleDecision | null;
}

function judgeOne(check: Check, scale: ScaleDecision, linked: readonly LinkedColour[]): Judged {
	const parents = usedParents(scale).map((source) => fit(colourOf(textOf(source, linked))).linear);
	const made = { recipe: scale.recipe, parents, scale: scaleOf(scale, linked) };
	return { check, scale, ...judgeScale(made, check.rule) };
}

/** Of several scales that all hold, from the least to the greatest that was measured. */
function withFigureOfAll(first: Judged, all: readonly Judged[]): Judged {
	const figures = all.flatMap(({ figure }) => figure ?? []);
	if (figures.length < all.length) return first;
	const inOrder = figures.sort((one, other) => Number.parseFloat(one) - Number.parseFloat(other));
	const [least, greatest] = [inOrder[0]!, inOrder.at(-1)!];
	return { ...first, figure: least === greatest ? least : `${least} to ${greatest}` };
}

const judgedBefore = new WeakMap<ScalesPlate, { linked: readonly LinkedColour[]; judged: Judged[] }>();

/**
 * Every check of a plate with its verdict; one of all scales is judged by the first that breaks it. Judged anew only when
 * the plate or the linked colours are others: the plate, its readings and the plate list all ask at each turn of a dial.
 */
export function judgeScales(plate: ScalesPlate, linked: readonly LinkedColour[]): readonly Judged[] {
	const known = judgedBefore.get(plate);
	if (known?.linked === linked) return known.judged;
	const judged = judgeAll(plate, linked);
	judgedBefore.set(plate, { linked, judged });
	return judged;
}

function judgeAll({ scales, checks = [] }: ScalesPlate, linked: readonly LinkedColour[]): Judged[] {
	return checks.map((check) => {
		const subjects = check.scale === null ? scales : scales.filter(({ id }) => id === check.scale);
		const judged = subjects.map((scale) => judgeOne(check, scale, linked));
		const nothing = {
			check,
			scale: null,
			holds: false,
			key: 'rule.missing',
			reason: 'There is no scale yet.',
			step: null
		} as const;
		const breaks = judged.find(({ holds }) => !holds);
		return breaks ?? (judged[0] ? withFigureOfAll(judged[0], judged) : nothing);
	});
}
