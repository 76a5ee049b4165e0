import { replaced, type Edit } from './edit';
import { type LinkedColour } from './linked';

export const addAllLinked =
	(colours: readonly LinkedColour[]): Edit =>
	(study) => ({ ...study, linked: [...study.linked, ...colours] });
export const addLinked = (colour: LinkedColour): Edit => addAllLinked([colour]);
export const changeLinked =
	(id: string, change: { readonly text: string }): Edit =>
	(study) => ({ ...study, linked: replaced(study.linked, id, (colour) => ({ ...colour, ...change })) });
/** A name of somebody's own, which no longer follows the colour. */
export const renameLinked =
	(id: string, name: string): Edit =>
	(study) => ({ ...study, linked: replaced(study.linked, id, (colour) => ({ ...colour, name, namedBy: undefined })) });
/** A name of ours, which follows the colour from here on. */
export const renameByUs =
	(id: string, name: string): Edit =>
	(study) => ({
		...study,
		linked: replaced(study.linked, id, (colour) => ({ ...colour, name, namedBy: 'machine' as const }))
	});
