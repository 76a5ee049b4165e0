import { afterImage } from './exercises/after-image/after-image';
import { assimilation } from './exercises/assimilation/assimilation';
import { edges } from './exercises/edges/edges';
import { judging } from './exercises/judging/judging';
import { likeGround } from './exercises/like-ground/like-ground';
import { oneAsTwo } from './exercises/one-as-two/one-as-two';
import { ownContrast } from './exercises/own-contrast/own-contrast';
import { rows } from './exercises/rows/rows';
import { twoAsOne } from './exercises/two-as-one/two-as-one';

/** The table of exercises of grounds, in the order in which they are offered. A new one adds its line here. */
export const GROUND_EXERCISES = [
	oneAsTwo,
	twoAsOne,
	likeGround,
	rows,
	edges,
	assimilation,
	afterImage,
	judging,
	ownContrast
] as const;
