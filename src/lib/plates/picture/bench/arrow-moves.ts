import { type Spot } from '$lib/core/picture/square';

const WAYS: Readonly<Record<string, readonly [number, number]>> = {
	ArrowLeft: [-1, 0],
	ArrowRight: [1, 0],
	ArrowUp: [0, -1],
	ArrowDown: [0, 1]
};
/** Pixels that Shift goes by. */
const LARGE = 10;

/** Where an arrow key leads from a pixel, beyond the picture too; null for any other key, and with keys that mean something else. */
export function movedByArrow(event: KeyboardEvent, { x, y }: Spot): Spot | null {
	const way = WAYS[event.key];
	if (!way || event.ctrlKey || event.metaKey || event.altKey) return null;
	const by = event.shiftKey ? LARGE : 1;
	return { x: x + by * way[0], y: y + by * way[1] };
}
