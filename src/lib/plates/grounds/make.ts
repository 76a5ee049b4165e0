import { USUAL_STRENGTHS } from '$lib/core/ground/on-ground';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { nameOf, partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type GroundsCommon } from './common';
import { oneAsTwo } from './exercises/one-as-two/one-as-two';
import { type GroundsPlate } from './schema';

/** A plate of grounds to go on with: one colour on two colours of the study. */
export function newGrounds(study: Surroundings): GroundsPlate {
	const colours = study.colours;
	const first = colours[0]!;
	const second = colours[2] ?? partnerOf(first, study);
	const figure: ColourSource = { text: '#9a8f7d' };
	const common: GroundsCommon = {
		id: newId(),
		kind: 'grounds',
		title: asLine(`One colour on ${nameOf(first, study)} and ${nameOf(second, study)}`),
		grounds: [first, second],
		figures: [figure, figure],
		form: 'squares',
		size: 0.3,
		strengths: USUAL_STRENGTHS,
		palette: null
	};
	return { ...common, exercise: oneAsTwo.begin(common), aside: {} };
}
