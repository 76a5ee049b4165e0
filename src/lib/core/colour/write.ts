import { convert } from './convert';
import { type Colour, type Space } from './colour';
import { FURTHEST } from './read';

const DECIMALS = 10;

/** A number without idle zeros or exponent, precise enough that it reads back within 1e-9, and never further out than is read. */
const plain = (value: number): string => {
	const text = Math.max(-FURTHEST, Math.min(FURTHEST, value)).toFixed(DECIMALS);
	let end = text.length;
	while (text[end - 1] === '0') end--;
	if (text[end - 1] === '.') end--;
	return text.slice(0, end) === '-0' ? '0' : text.slice(0, end);
};
const percent = (share: number): string => `${plain(share * 100)}%`;

type Three = readonly [number, number, number];
const inHue = ([h, x, y]: Three): string => `${plain(h)} ${percent(x)} ${percent(y)}`;
const plainly = (channels: Three): string => channels.map(plain).join(' ');

const WRITTEN: Readonly<Record<Exclude<Space, 'hsb'>, (channels: Three) => string>> = {
	srgb: (c) => `color(srgb ${plainly(c)}`,
	'srgb-linear': (c) => `color(srgb-linear ${plainly(c)}`,
	'display-p3': (c) => `color(display-p3 ${plainly(c)}`,
	'xyz-d65': (c) => `color(xyz-d65 ${plainly(c)}`,
	'xyz-d50': (c) => `color(xyz-d50 ${plainly(c)}`,
	hsl: (c) => `hsl(${inHue(c)}`,
	hwb: (c) => `hwb(${inHue(c)}`,
	lab: (c) => `lab(${plainly(c)}`,
	lch: (c) => `lch(${plainly(c)}`,
	oklab: (c) => `oklab(${plainly(c)}`,
	oklch: (c) => `oklch(${plainly(c)}`
};

/**
 * A colour as CSS text that reads back as it was, within 1e-9 and unclipped (but for what CSS itself clips: the shares
 * of hsl and hwb). HSB, which CSS does not know, is written as HWB: the same hue, and the same colour.
 */
export function writeColour(colour: Colour): string {
	const { space, channels, alpha } = colour.space === 'hsb' ? convert(colour, 'hwb') : colour;
	return `${WRITTEN[space as Exclude<Space, 'hsb'>](channels)}${alpha < 1 ? ` / ${plain(alpha)}` : ''})`;
}
