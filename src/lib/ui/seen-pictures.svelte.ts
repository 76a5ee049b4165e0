import { pictureWork } from '$lib/client/pictures';
import { type Of } from '$lib/drawing/drawing';

type Picture = Of<'image'>;

/** Where on a drawing a picture stands, and what it shows there now. */
interface Slot {
	/** What is shown, and what shall be. */
	shown: string | null;
	wanted: string;
	bitmap: ImageBitmap | null;
	busy: boolean;
	missing: boolean;
}

/** Widths in which pictures are made, in pixels: a thumbnail, a small one, and as large as they are kept. */
const WIDTHS = [240, 640, 6000] as const;
const MOST_SLOTS = 40;

/** How many arrived; whoever paints reads it, to paint again. */
let arrived = $state(0);
// svelte-ignore state_referenced_locally
const slots: Record<string, Slot> = {};

const widthFor = (pixels: number): number => WIDTHS.find((width) => width >= pixels) ?? WIDTHS[2];

function slotOf(name: string): Slot {
	const found = (slots[name] ??= { shown: null, wanted: '', bitmap: null, busy: false, missing: false });
	// The one used last stands at the end.
	Reflect.deleteProperty(slots, name);
	slots[name] = found;
	const names = Object.keys(slots);
	if (names.length > MOST_SLOTS) {
		slots[names[0]!]?.bitmap?.close();
		Reflect.deleteProperty(slots, names[0]!);
	}
	return found;
}

async function make(slot: Slot, { id, seen }: Picture, width: number): Promise<void> {
	const wanted = slot.wanted;
	slot.busy = true;
	try {
		const bitmap = await pictureWork().seen(id, seen, width);
		slot.bitmap?.close();
		slot.bitmap = bitmap;
	} catch {
		slot.missing = true;
	}
	slot.shown = wanted;
	slot.busy = false;
	arrived++;
}

/**
 * What of a picture can be painted now, so many pixels of the device wide; null where nothing has come yet. While a picture in other
 * colours is being made, the one before stays: a turned dial does not flicker.
 */
export function bitmapOf(shape: Picture, pixels: number): ImageBitmap | null {
	void arrived;
	const width = widthFor(pixels);
	const { id, seen, x, y } = shape;
	const slot = slotOf(`${id} ${seen.as} ${width} ${x} ${y}`);
	slot.wanted = JSON.stringify(seen);
	if (slot.wanted !== slot.shown && !slot.busy) void make(slot, shape, width);
	return slot.bitmap;
}
