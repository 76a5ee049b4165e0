import { USUAL_STRENGTHS } from '$lib/core/ground/on-ground';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { textOf } from '$lib/model/resolve';
import { partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type GroundsCommon } from './common';
import { oneAsTwo } from './exercises/one-as-two/one-as-two';
import { type GroundsPlate } from './schema';
import { titleOfGrounds } from './title';

/** A plate of grounds to go on with: one colour on two colours of the study. */
export function newGrounds(study: Surroundings): GroundsPlate {
	const colours = study.colours;
	const first = colours[0]!;
	const second = colours[2] ?? partnerOf(first, study);
	return onGrounds(study, { text: '#9a8f7d' }, [first, second]);
}

/** A colour as the figure, on two others of the study. */
export function groundsFrom(study: Surroundings, figure: ColourSource): GroundsPlate {
	const others = study.colours.filter((colour) => textOf(colour, study.linked) !== textOf(figure, study.linked));
	const [first = { text: '#f2f2f2' }, second = { text: '#303030' }] = others;
	return onGrounds(study, figure, [first, second]);
}

function onGrounds(
	study: Surroundings,
	figure: ColourSource,
	[first, second]: [ColourSource, ColourSource]
): GroundsPlate {
	const common: GroundsCommon = {
		id: newId(),
		kind: 'grounds',
		title: '',
		titledBy: 'machine',
		grounds: [first, second],
		figures: [figure, figure],
		form: 'squares',
		size: 0.3,
		strengths: USUAL_STRENGTHS,
		palette: null
	};
	const plate: GroundsPlate = { ...common, exercise: oneAsTwo.begin(common), aside: {} };
	return { ...plate, title: asLine(titleOfGrounds(plate, study.linked)) };
}
