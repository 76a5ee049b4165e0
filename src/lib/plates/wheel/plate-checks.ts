import { wheelRules, type MadeWheel, type WheelRule } from '$lib/core/brief/wheel-rules';
import { checksOfColoursAnd } from '../checks-by';
import { coloursOfWheel } from './cell-names';
import { type WheelPlate } from './schema';

/** What a wheel is asked to meet. */
export const wheelChecks = checksOfColoursAnd<WheelPlate, WheelRule, MadeWheel>(
	wheelRules,
	({ wheel, inside, outside }) => ({ wheel, rings: inside.count + outside.count }),
	coloursOfWheel
);
