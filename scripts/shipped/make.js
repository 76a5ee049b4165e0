// Draws the pictures that ship with Ricercar. No input, the same at every run.
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import sharp from 'sharp';
import { cloth } from './cloth.js';
import { garden } from './garden.js';
import { market } from './market.js';
import { marsh } from './marsh.js';
import { developed, HEIGHT, WIDTH } from './relief.js';
import { yarn } from './yarn.js';

const SCENES = { cloth, garden, market, marsh, yarn };

/** Draws them, or only those that are named, into a folder. */
export async function makePictures(folder, names = Object.keys(SCENES)) {
	await mkdir(folder, { recursive: true });
	for (const name of names) {
		const raw = { width: WIDTH, height: HEIGHT, channels: 3 };
		const image = sharp(developed(SCENES[name]()), { raw }).jpeg({ quality: 88, chromaSubsampling: '4:4:4' });
		await image.toFile(join(folder, `${name}.jpg`));
		console.log(name);
	}
}
