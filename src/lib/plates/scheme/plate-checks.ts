import { schemeRules, type SchemeRule } from '$lib/core/brief/scheme-rules';
import { type Scheme } from '$lib/core/scheme/schemes';
import { checksOfColoursAnd } from '../checks-by';
import { type SchemePlate } from './schema';
import { coloursOfScheme } from './scheme-colours';

/** What a scheme is asked to meet. */
export const schemeChecks = checksOfColoursAnd<SchemePlate, SchemeRule, { readonly scheme: Scheme }>(
	schemeRules,
	({ scheme }) => ({ scheme }),
	coloursOfScheme
);
