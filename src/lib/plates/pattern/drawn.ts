import { SHIPPED } from './drawings/shipped';
import { type Shipped } from './drawings/shipped-drawing';
import { type DrawingDecision } from './schema';

/** What a plate's drawing is: one that ships, or one that was read in. */
export const drawnRegions = (drawing: DrawingDecision): Shipped =>
	'shipped' in drawing ? SHIPPED[drawing.shipped] : drawing;
