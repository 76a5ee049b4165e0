import { WAYS, type Way } from '$lib/core/mix/ways';
import { type Box } from '$lib/drawing/box';
import { LEFT, WIDTH } from '../../mix-shapes';

const CARD = { top: 188, gap: 20, columns: 3, colour: 92, height: 178 } as const;

/** The cards of the ways: the colour of each, with its words under it. */
export function wayBoxes(): Readonly<Record<Way, Box>> {
	const width = (WIDTH - (CARD.columns - 1) * CARD.gap) / CARD.columns;
	return Object.fromEntries(
		WAYS.map((way, i) => [
			way,
			{
				x: LEFT + (i % CARD.columns) * (width + CARD.gap),
				y: CARD.top + Math.floor(i / CARD.columns) * CARD.height,
				width,
				height: CARD.colour
			}
		])
	) as Record<Way, Box>;
}
