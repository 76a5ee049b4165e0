import { decision, type Decision } from '../decision';
import { type PicturePlate } from './schema';

/** What is decided of a picture and of what is taken from it. */
export const pictureDecisions = ({ picture, places, emphasis, values }: PicturePlate): Decision[] => [
	decision('picture', 'the picture', picture.id),
	decision('places', 'the number of places', places.length),
	decision('emphasis', 'the emphasis', emphasis),
	decision('values', 'the number of values', values)
];
