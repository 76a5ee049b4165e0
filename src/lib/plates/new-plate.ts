import { type StudyParts } from '$lib/model/edit';
import { KINDS, surroundingsOf, type Kind } from './kinds';
import { type Plate } from './plate';

/** The plate of a kind that most likely comes next in a study. */
export const newPlate = (kind: Kind, study: StudyParts): Plate => KINDS[kind].make(surroundingsOf(study));
