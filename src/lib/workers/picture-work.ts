import { transfer } from 'comlink';
import { densityOf, type Density } from '$lib/core/picture/density';
import { type Pixels } from '$lib/core/picture/square';
import {
	findPlaces,
	knownOf,
	previewOf,
	standFor,
	type Found,
	type Known,
	type StandFor,
	type Wanted
} from '$lib/core/picture/taking';
import { type SeenAs } from '$lib/drawing/drawing';
import { seenPixels, smaller } from '$lib/drawing/seen-pixels';
import { pathOfPicture } from '$lib/model/picture-path';

const MOST_KNOWN = 3;

/** The kept copy carries no profile and is sRGB: nothing is converted here, so that the pixels are those that the server kept. */
async function decoded(id: string): Promise<Pixels> {
	const response = await fetch(pathOfPicture(id));
	if (!response.ok) throw new Error(response.status === 404 ? 'missing' : 'unreachable');
	const bitmap = await createImageBitmap(await response.blob(), { colorSpaceConversion: 'none' });
	const { width, height } = bitmap;
	const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
	context.drawImage(bitmap, 0, 0);
	bitmap.close();
	return { rgba: context.getImageData(0, 0, width, height).data, width, height };
}

/** What is done with the pixels of pictures, apart from the page, which goes on answering. Pictures are named by their ids. */
export class PictureWork {
	/** Pictures that were looked at last, the latest at the end. */
	private readonly known = new Map<string, Promise<Pixels>>();

	private open(id: string): Promise<Pixels> {
		const pixels = this.known.get(id) ?? decoded(id);
		this.known.delete(id);
		this.known.set(id, pixels);
		pixels.catch(() => this.known.delete(id));
		const [oldest] = this.known.keys();
		if (oldest && this.known.size > MOST_KNOWN) this.known.delete(oldest);
		return pixels;
	}

	/** A copy of the pixels of a picture. */
	async pixels(id: string): Promise<Pixels> {
		const { rgba, width, height } = await this.open(id);
		const copy = new Uint8ClampedArray(rgba);
		return transfer({ rgba: copy, width, height }, [copy.buffer]);
	}

	async find(id: string, wanted: Wanted): Promise<Found[]> {
		return findPlaces(await this.open(id), wanted);
	}

	/** One emphasis at a time, so that what is asked meanwhile need not wait for all of them. */
	async preview(id: string, wanted: Omit<Wanted, 'size' | 'kept'>): Promise<string[]> {
		return previewOf(await this.open(id), wanted);
	}

	async about(id: string): Promise<Known> {
		return knownOf(await this.open(id));
	}

	async standFor(id: string, texts: readonly string[]): Promise<StandFor> {
		return standFor(await this.open(id), texts);
	}

	async density(id: string): Promise<Density> {
		return densityOf(await this.open(id));
	}

	/** A picture as it is seen, no wider than is asked for. */
	async seen(id: string, seen: SeenAs, width: number): Promise<ImageBitmap> {
		const picture = smaller(await this.open(id), width);
		const bitmap = await createImageBitmap(imageOf(picture, seen));
		return transfer(bitmap, [bitmap]);
	}

	/** The same as a PNG file, in all its pixels. */
	async png(id: string, seen: SeenAs): Promise<Blob> {
		const picture = await this.open(id);
		const canvas = new OffscreenCanvas(picture.width, picture.height);
		canvas.getContext('2d')!.putImageData(imageOf(picture, seen), 0, 0);
		return canvas.convertToBlob({ type: 'image/png' });
	}
}

const imageOf = (picture: Pixels, seen: SeenAs): ImageData =>
	new ImageData(seenPixels(picture, seen), picture.width, picture.height);
