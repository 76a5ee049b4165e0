import { cloth } from './cloth';
import { box, cone, sphere } from './solids';
import { type Surface } from './surface';

/** The forms that are lit, in the order in which drawing is taught. */
export const FORMS = ['sphere', 'box', 'cone', 'cloth'] as const;
export type FormName = (typeof FORMS)[number];

/** Each form by its name. */
export const SURFACES: Readonly<Record<FormName, () => Surface>> = {
	sphere: () => sphere,
	box: () => box,
	cone: () => cone,
	cloth
};
