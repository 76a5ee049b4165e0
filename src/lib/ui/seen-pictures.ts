import { createSubscriber } from 'svelte/reactivity';
import { pictureWork } from '$lib/client/pictures';
import { type Of } from '$lib/drawing/drawing';

type Picture = Of<'image'>;

/** Where on a drawing a picture stands, and what it shows there now. */
class Slot {
	bitmap: ImageBitmap | null = null;
	/** What is shown, and what shall be. */
	shown: string | null = null;
	wanted = '';
	busy = false;
	private tell: () => void = () => undefined;
	/** Called by whoever paints it, to paint again when something arrives. Not a state of its own: one that is made while painting is not followed. */
	readonly follow = createSubscriber((update) => {
		this.tell = update;
		return () => (this.tell = () => undefined);
	});

	get pixels(): number {
		return this.bitmap ? this.bitmap.width * this.bitmap.height : 0;
	}

	async make({ id, seen }: Picture, width: number): Promise<void> {
		const { wanted } = this;
		this.busy = true;
		try {
			const bitmap = await pictureWork().seen(id, seen, width);
			this.bitmap?.close();
			this.bitmap = bitmap;
		} catch {
			// What is not here stays grey; the plate itself says why.
		}
		this.shown = wanted;
		this.busy = false;
		this.tell();
		forgetSome();
	}

	forget(): void {
		this.bitmap?.close();
		this.bitmap = null;
		this.shown = null;
	}
}

/** Widths in which pictures are made, in pixels: a thumbnail, a small one, and as large as they are kept. */
const WIDTHS = [240, 640, 6000] as const;
/** Pixels of all bitmaps together, 4 bytes each: a dozen large ones. */
const MOST_PIXELS = 30_000_000;

/** By where they stand; the one used last at the end. */
const slots: Record<string, Slot> = {};

const widthFor = (pixels: number): number => WIDTHS.find((width) => width >= pixels) ?? WIDTHS[2];

function slotOf(name: string): Slot {
	const found = slots[name] ?? new Slot();
	Reflect.deleteProperty(slots, name);
	slots[name] = found;
	return found;
}

/** Gives back the memory of what was not painted for longest. */
function forgetSome(): void {
	const all = Object.entries(slots);
	let sum = all.reduce((pixels, [, slot]) => pixels + slot.pixels, 0);
	for (const [name, slot] of all) {
		if (sum <= MOST_PIXELS) return;
		sum -= slot.pixels;
		slot.forget();
		Reflect.deleteProperty(slots, name);
	}
}

/**
 * What of a picture can be painted now, so many pixels of the device wide; null where nothing has come yet. While a picture in other
 * colours is being made, the one before stays: a turned dial does not flicker.
 */
export function bitmapOf(shape: Picture, pixels: number): ImageBitmap | null {
	const width = widthFor(pixels);
	const { id, seen, x, y } = shape;
	const slot = slotOf(`${id} ${seen.as} ${width} ${x} ${y}`);
	slot.follow();
	slot.wanted = JSON.stringify(seen);
	if (slot.wanted !== slot.shown && !slot.busy) void slot.make(shape, width);
	return slot.bitmap;
}
