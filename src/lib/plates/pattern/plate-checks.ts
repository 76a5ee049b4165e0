import { type MadeDesign, type PatternRule } from '$lib/core/brief/judge-pattern';
import { patternRules } from '$lib/core/brief/pattern-rules';
import { checksOfColoursAnd, NEAR_PALETTE } from '../checks-by';
import { coloursOfPattern } from './colours-of';
import { patchesOf, readingsOf } from './design';
import { type PatternPlate } from './schema';

/** What a design is asked to meet: by the cells that its colours cover, and by its colours as they are. */
export const patternChecks = checksOfColoursAnd<PatternPlate, PatternRule, MadeDesign>(
	patternRules,
	(plate, linked) => ({
		readings: readingsOf(plate, linked),
		laid: patchesOf(plate, linked).map(({ linear }) => linear)
	}),
	coloursOfPattern,
	(palette) => ({ rule: 'palette-only', palette, within: NEAR_PALETTE })
);
