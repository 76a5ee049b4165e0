import { figureOnGround } from './exercises/figure-on-ground/figure-on-ground';
import { flatColour } from './exercises/flat-colour/flat-colour';
import { litForm } from './exercises/lit-form/lit-form';
import { middleOfTwo } from './exercises/middle-of-two/middle-of-two';
import { missingStep } from './exercises/missing-step/missing-step';
import { picturePlace } from './exercises/picture-place/picture-place';
import { practice } from './exercises/practice/practice';
import { sorting } from './exercises/sorting/sorting';
import { strokes } from './exercises/strokes/strokes';

/** The table of exercises of matching, in the order in which they are offered. A new one adds its line here. */
export const MATCHING_EXERCISES = [
	flatColour,
	figureOnGround,
	missingStep,
	middleOfTwo,
	litForm,
	picturePlace,
	strokes,
	sorting,
	practice
] as const;
