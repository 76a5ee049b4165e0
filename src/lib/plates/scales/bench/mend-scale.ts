import { linearToHex } from '$lib/core/colour/bytes';
import { cuspOf } from '$lib/core/colour/cusp';
import { linearToOklch } from '$lib/core/colour/oklab';
import { fit } from '$lib/core/colour/shown';
import { type Mend } from '$lib/core/remark';
import { begunAs } from '$lib/core/scale/recipe-defaults';
import { colourOf, textOf } from '$lib/model/resolve';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { decideScale, type Decisions } from '../scale-edits';
import { type ScaleDecision } from '../scale';
import { scaleOf } from '../scale-of';
import { type ScalesPlate } from '../schema';

/** The parents of hue steps with those that are not the purest of their hue replaced by it; a linked colour itself stays as it is. */
function purestParents(scale: ScaleDecision, workbench: Workbench): ScaleDecision['parents'] {
	const { linked } = workbench.document;
	const leapt: number[] = scaleOf(scale, linked).leaps.map(({ step }) => Number(step !== 1));
	return scale.parents.map((source, i) => {
		if (!leapt.includes(i)) return source;
		const [, , hue] = linearToOklch(fit(colourOf(textOf(source, linked))).linear);
		return { text: linearToHex(...cuspOf(hue)) };
	});
}

/** Mends in one step what a remark on a scale has found. */
export function mendScale(workbench: Workbench, plate: ScalesPlate, scale: ScaleDecision, mend: Mend): void {
	const edits: Readonly<Record<Mend, () => readonly [label: string, Decisions]>> = {
		'even-out': () => ['Even out the steps', { spacing: 'differences' }],
		'use-purest': () => ['Use the purest of a hue', { parents: purestParents(scale, workbench) }],
		'as-interval': () => ['Make it an interval', begunAs('interval', scale)],
		'as-tones': () => ['Make it tones', begunAs('tones-rising', scale)],
		'through-neutral': () => ['Dull through the neutral', { dulling: 'neutral' }]
	};
	const [label, decisions] = edits[mend]();
	workbench.edit(label, decideScale(plate.id, scale.id, decisions));
}
