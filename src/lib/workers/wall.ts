import '../model/without-eval';
import { expose, transfer } from 'comlink';
import { ask, asJsonText } from '$lib/client/asking';
import { Problem } from '$lib/core/problem';
import { type Box } from '$lib/drawing/box';
import { onOneSheet } from '$lib/drawing/on-one-sheet';
import { paintedBox } from '$lib/drawing/painted-box';
import { paintShapes, type BitmapOf } from '$lib/drawing/paint-shapes';
import { type Drawing, type Of } from '$lib/drawing/drawing';
import { seenDrawing, type View } from '$lib/drawing/view';
import { type HandIn } from '$lib/study/handed/hand-in';
import { meanColours, type MeanColours } from '$lib/study/handed/on-wall';
import { HAND_INS_PATH, pathToKeep } from '$lib/study/handed/requests';
import { thawed, type StoredDrawing } from '$lib/study/handed/stored-drawing';
import { type Sealed } from '$lib/study/our-file';
import { readAnyOurs } from '$lib/study/read-ours';
import { PictureWork } from './picture-work';

/** What was read of a hand-in, or why it cannot be. */
export type ReadOfWall =
	| { readonly handIn: HandIn; readonly asWritten: boolean; readonly means: MeanColours }
	| { readonly message: string; readonly expected: string };

/** A sheet of the wall, so many pixels of the device large. */
export interface SheetWanted {
	/** Of the hand-in. */
	readonly id: string;
	/** Which of its plates, from 0; null for all. */
	readonly plate: number | null;
	readonly view: View;
	readonly width: number;
	readonly height: number;
}

const UNREADABLE = 'It could not be read.';

function opened(text: string, then: (sealed: Sealed<HandIn>) => void): ReadOfWall {
	try {
		const ours = readAnyOurs(text);
		if (ours.what !== 'hand-in') return { message: 'It is no hand-in.', expected: '' };
		const { content: handIn, asWritten } = ours;
		then(ours);
		return { handIn, asWritten, means: meanColours(handIn) };
	} catch (error) {
		if (error instanceof Problem) return { message: error.message, expected: error.expected };
		return { message: UNREADABLE, expected: 'a hand-in as it was handed in' };
	}
}

/** A drawing as it is seen, and which part of it. */
interface Shown {
	readonly drawing: Drawing;
	readonly box: Box;
}

/** So many pixels wide a drawing is painted to see where something is on it. */
const LOOKED_AT = 198;
/** Around what is painted, as a share of the plate's width. */
const MARGIN = 0.055;

/** The pixels of pictures are taken, not mixed, when they are made smaller: twice as many as are shown. */
const FINER = 2;

/** What hangs on a wall: read, kept and painted apart from the page, which goes on answering whatever it holds. */
export class WallWork {
	private readonly read = new Map<string, HandIn>();
	/** Files that were read and are not kept yet, by the id of their hand-in. */
	private readonly files = new Map<string, { readonly sealed: Sealed<HandIn>; readonly text: string }>();
	private readonly pictures = new PictureWork();
	private readonly boxes = new WeakMap<StoredDrawing, Box>();

	/** Reads the file of a hand-in. Until it is kept, or let go of, it is held. */
	readFile(text: string): ReadOfWall {
		return opened(text, (sealed) => this.files.set(sealed.content.id, { sealed, text }));
	}

	/** Reads a hand-in that is kept here. */
	async load(id: string): Promise<ReadOfWall> {
		try {
			const text = await (await ask(`${HAND_INS_PATH}/${id}`)).text();
			return opened(text, ({ content }) => this.read.set(content.id, content));
		} catch (error) {
			return { message: error instanceof Error ? error.message : UNREADABLE, expected: '' };
		}
	}

	/** Keeps a hand-in whose file was read; says whether it is new here. @throws Error in words */
	async keep(id: string): Promise<boolean> {
		const file = this.files.get(id);
		if (!file) throw new Error('Its file was not read.');
		this.files.delete(id);
		const { status } = await ask(pathToKeep(null), asJsonText(file.text));
		const isNew = status === 201;
		if (isNew) this.read.set(id, file.sealed.content);
		return isNew;
	}

	/** Lets go of a file that is not to be kept. */
	drop(id: string): void {
		this.files.delete(id);
	}

	/** A sheet as it is seen; null where there is no such plate. Words are left out: nobody reads them so small. */
	async paint({ id, plate, view, width, height }: SheetWanted): Promise<ImageBitmap | null> {
		const all = this.read.get(id)?.drawings ?? [];
		const stored = plate === null ? all : all.slice(plate, plate + 1);
		if (stored.length === 0) return null;
		const drawings: Shown[] = [];
		for (const each of stored) drawings.push(await this.shownOf(each, view));
		const sheet = new OffscreenCanvas(width, height);
		const context = sheet.getContext('2d')!;
		const boxes = onOneSheet(
			drawings.map(({ box }) => box),
			sheet
		);
		for (const [i, { drawing, box }] of drawings.entries()) {
			const at = boxes[i]!;
			if (at.width === 0 || at.height === 0) continue;
			const scale = at.width / box.width;
			const painted = await this.painted(drawing, scale);
			context.drawImage(painted, scale * box.x, scale * box.y, at.width, at.height, at.x, at.y, at.width, at.height);
		}
		const bitmap = sheet.transferToImageBitmap();
		return transfer(bitmap, [bitmap]);
	}

	/** A drawing as it is seen, and the box of it that is shown: where something is painted, with a margin. */
	private async shownOf(stored: StoredDrawing, view: View): Promise<Shown> {
		const drawing = thawed(stored);
		const box = this.boxes.get(stored) ?? (await this.boxOf(drawing));
		this.boxes.set(stored, box);
		return { drawing: seenDrawing(view, drawing), box };
	}

	private async boxOf(drawing: Drawing): Promise<Box> {
		const scale = LOOKED_AT / drawing.width;
		const canvas = await this.painted(drawing, scale);
		const { width, height } = canvas;
		const { data: rgba } = canvas.getContext('2d')!.getImageData(0, 0, width, height);
		const found = paintedBox({ rgba, width, height });
		if (!found) return { x: 0, y: 0, width: drawing.width, height: drawing.height };
		const margin = MARGIN * drawing.width;
		const [x, y] = [Math.max(0, found.x / scale - margin), Math.max(0, found.y / scale - margin)];
		return {
			x,
			y,
			width: Math.min(drawing.width, (found.x + found.width) / scale + margin) - x,
			height: Math.min(drawing.height, (found.y + found.height) / scale + margin) - y
		};
	}

	private async painted(drawing: Drawing, scale: number): Promise<OffscreenCanvas> {
		const canvas = new OffscreenCanvas(Math.ceil(scale * drawing.width), Math.ceil(scale * drawing.height));
		const context = canvas.getContext('2d')!;
		context.fillStyle = drawing.paper;
		context.fillRect(0, 0, canvas.width, canvas.height);
		paintShapes(context, drawing.shapes, scale, await this.bitmapsOf(drawing, scale));
		return canvas;
	}

	/** The pictures of a drawing that are named, not there; what cannot be had stays grey. */
	private async bitmapsOf({ shapes }: Drawing, scale: number): Promise<BitmapOf> {
		const found = new Map<Of<'image'>, ImageBitmap>();
		for (const shape of shapes)
			if (shape.kind === 'image')
				await this.pictures
					.seen(shape.id, shape.seen, Math.ceil(FINER * shape.width * scale))
					.then((bitmap) => found.set(shape, bitmap))
					.catch(() => undefined);
		return (shape) => found.get(shape) ?? null;
	}
}

expose(new WallWork());
