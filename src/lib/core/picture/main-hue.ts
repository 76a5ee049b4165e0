import { HUELESS } from '../colour/hueless';
import { chromaOf, type Bins } from './bins';

/** Degrees of hue that are counted together, and so many of them to each side. */
const SECTOR = 5;
const SECTORS = 360 / SECTOR;
const TO_EACH_SIDE = 3;
/** What lies within so many degrees counts as of a hue. */
const WITHIN = 22;

const hueOf = (bins: Bins, i: number): number => ((Math.atan2(bins.b[i]!, bins.a[i]!) * 180) / Math.PI + 360) % 360;
const apart = (one: number, other: number): number => Math.abs(((one - other + 540) % 360) - 180);

/** The OKLab hue, in degrees 0–360, of which a picture has most: area times chroma, within about 17 degrees. Of a picture of greys, 0. */
export function mainHue(bins: Bins): number {
	const sums = new Float64Array(SECTORS);
	for (let i = 0; i < bins.count; i++) {
		const chroma = chromaOf(bins, i);
		if (chroma <= HUELESS) continue;
		const sector = Math.floor(hueOf(bins, i) / SECTOR) % SECTORS;
		sums[sector] = sums[sector]! + bins.pixels[i]! * chroma;
	}
	let [best, most] = [0, 0];
	for (let sector = 0; sector < SECTORS; sector++) {
		let sum = 0;
		for (let off = -TO_EACH_SIDE; off <= TO_EACH_SIDE; off++) sum += sums[(sector + off + SECTORS) % SECTORS]!;
		if (sum > most) [best, most] = [sector, sum];
	}
	return most === 0 ? 0 : (best + 0.5) * SECTOR;
}

/** How much a bin counts as of a hue: 1 or 0, but where the picture has nothing of any hue, 1 for all. */
export function nearHue(bins: Bins, hue: number): (i: number) => number {
	const of = (i: number): boolean => chromaOf(bins, i) > HUELESS && apart(hueOf(bins, i), hue) <= WITHIN;
	const some = Array.from({ length: bins.count }, (_, i) => i).some(of);
	return (i) => (!some || of(i) ? 1 : 0);
}
