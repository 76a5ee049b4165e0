import { type Box } from '$lib/drawing/box';
import { type FigureForm } from '$lib/drawing/figure';
import { LEFT, WIDTH } from '../../mix-shapes';

/** Where the figures of an overlap stand: in a chain, each crossing the next. */
export interface ChainPlaces {
	readonly figures: readonly Box[];
	readonly crossings: readonly Box[];
}

const CHAIN = { y: 96, height: 330 } as const;
const CROSSED: Readonly<Record<FigureForm, number>> = { bars: 0.3, squares: 0.34, circles: 0.34, leaves: 0.42 };

/**
 * How far bars and squares hang up and down, as a share of their height: each crosses the next in a corner, so that its edges go on
 * behind and before (X-junctions), without which nothing can look transparent. Round figures cross so of themselves.
 */
const HANGS: Readonly<Record<FigureForm, number>> = { bars: 0.3, squares: 0.2, circles: 0, leaves: 0 };

/** A leaf is so many times as high as wide. */
const LEAF = 1.7;

export function chainPlaces(count: number, figure: FigureForm): ChainPlaces {
	const share = CROSSED[figure];
	const broad = WIDTH / (count - (count - 1) * share);
	const hangs = HANGS[figure];
	const widest = figure === 'leaves' ? CHAIN.height / LEAF : CHAIN.height / (1 + 2 * hangs);
	const width = figure === 'bars' ? broad : Math.min(broad, widest);
	const step = width * (1 - share);
	const left = LEFT + (WIDTH - (width + (count - 1) * step)) / 2;
	const height = figure === 'bars' ? CHAIN.height * 0.62 : figure === 'leaves' ? width * LEAF : width;
	const middle = CHAIN.y + CHAIN.height / 2;
	const drop = height * hangs;
	const figures = Array.from({ length: count }, (_, i) => ({
		x: left + i * step,
		y: middle - height / 2 + (i % 2 === 0 ? -drop : drop),
		width,
		height
	}));
	const crossings = figures.slice(1).map((box, i): Box => {
		const before = figures[i]!;
		const [top, bottom] = [Math.max(box.y, before.y), Math.min(box.y, before.y) + height];
		return { x: box.x, y: top, width: before.x + width - box.x, height: bottom - top };
	});
	return { figures, crossings };
}
