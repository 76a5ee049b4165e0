import { replaced, type Edit } from './edit';
import { type LinkedColour } from './linked';

export const addAllLinked =
	(colours: readonly LinkedColour[]): Edit =>
	(study) => ({ ...study, linked: [...study.linked, ...colours] });
export const addLinked = (colour: LinkedColour): Edit => addAllLinked([colour]);
export const changeLinked =
	(id: string, change: Partial<Omit<LinkedColour, 'id'>>): Edit =>
	(study) => ({ ...study, linked: replaced(study.linked, id, (colour) => ({ ...colour, ...change })) });
