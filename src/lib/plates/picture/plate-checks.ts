import { pictureRules, type MadePicture, type PictureRule } from '$lib/core/brief/picture-rules';
import { checksOfColoursAnd } from '../checks-by';
import { coloursOfPicture } from './colours-of';
import { measuredOf } from './measured';
import { type PicturePlate } from './schema';

/** What colours out of a picture are asked to meet. */
export const pictureChecks = checksOfColoursAnd<PicturePlate, PictureRule, MadePicture>(
	pictureRules,
	(plate) => ({ difference: measuredOf(plate)?.difference ?? null }),
	coloursOfPicture
);
