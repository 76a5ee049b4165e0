import { estimatedCmykToSrgb, type Inks } from './cmyk';
import { type Colour } from './colour';
import { linearToHex } from './bytes';
import { readColour } from './read';
import { decodeSrgb } from './srgb';
import { Problem } from '../problem';

/** A colour as somebody typed or pasted it. */
export interface Pasted {
	readonly colour: Colour;
	/** The text by which it is kept: CSS, or what stands in for it. */
	readonly text: string;
	/** The inks that were given, 0–1, where it was given in inks: the code is only an estimate of them. */
	readonly inks: Inks | null;
}

const LONGEST = 200;
const BARE_HEX = /^(?:[0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/i;
const PROGRAMMERS_HEX = /^0x[0-9a-f]{6}$/i;
const PROPERTY = /^[a-z-]{2,}:/i;
const QUOTES = ['"', "'", '`'];
/** Functions that CSS writes without commas, and hsv, which it does not know. */
const WITHOUT_COMMAS = /^(?:hsb|hsv|hwb|lab|lch|oklab|oklch)\(/i;

/** Without what stands around a colour where it was copied from: a property, quotes, a semicolon. */
function bare(text: string): string {
	let given = text.trim().replace(PROPERTY, '').trim();
	if (given.endsWith(';') || given.endsWith(',')) given = given.slice(0, -1).trimEnd();
	const quoted = given.length > 1 && QUOTES.includes(given[0]!) && given.endsWith(given[0]!);
	return quoted ? given.slice(1, -1).trim() : given;
}

/** Numbers alone, with commas or spaces between them; null where there is anything else. */
function numbersIn(text: string): string[] | null {
	const parts = text.split(/[\s,]/).filter((part) => part !== '');
	return parts.every((part) => /^[+-]?[\d.]+$/.test(part) && Number.isFinite(Number(part))) ? parts : null;
}

/** "cmyk(0% 68% 76% 30%)", "C0 M68 Y76 K30", "0% 68% 76% 30%"; of device-cmyk() in CSS, plain numbers are shares of 1. */
function inksOf(text: string): Inks | null {
	const letters = text.replace(/[^a-z]/gi, '').toLowerCase();
	const percents = text.split('%').length - 1;
	const isInks = letters === 'cmyk' || letters === 'devicecmyk' || (letters === '' && percents === 4);
	if (!isInks) return null;
	const numbers = numbersIn(text.replace(/device-/i, ' ').replace(/[^\d.+-]/g, ' '));
	if (numbers?.length !== 4) return null;
	const shares = letters === 'devicecmyk' && percents === 0;
	const inks = numbers.map((number) => Number(number) / (shares ? 1 : 100));
	if (inks.some((ink) => ink < 0 || ink > 1))
		throw new Problem(
			'colour-text',
			'An ink lies outside 0 to 100 %.',
			'four inks from 0 to 100 %, as in cmyk(0 68 76 30)'
		);
	return inks as Inks;
}

/** What is meant, as CSS has it. */
function asCss(text: string): string {
	if (BARE_HEX.test(text)) return `#${text}`;
	if (PROGRAMMERS_HEX.test(text)) return `#${text.slice(2)}`;
	const three = numbersIn(text);
	if (three?.length === 3) {
		const shares = three.every((part) => Number(part) <= 1) && three.some((part) => part.includes('.'));
		return shares ? `color(srgb ${three.join(' ')})` : `rgb(${three.join(' ')})`;
	}
	return WITHOUT_COMMAS.test(text) ? text.replace(/^hsv/i, 'hsb').replace(/,/g, ' ') : text;
}

/**
 * Reads a colour as people type and paste it: all of CSS (`readColour`), hex without #, with 0x, three numbers with commas or spaces,
 * hsv() and hsb() with commas, inks in per cent, with a property before it, in quotes, with a semicolon after it.
 * @throws Problem `colour-text` in plain words, with what would be right.
 */
export function readPasted(text: string): Pasted {
	if (text.length > LONGEST)
		throw new Problem('colour-text', `This has ${text.length} characters.`, 'a colour of at most 200 characters');
	const given = bare(text);
	if (given === '')
		throw new Problem('colour-text', 'There is nothing here.', 'a colour such as #b3392b, 179 57 43 or teal');
	const inks = inksOf(given);
	if (inks) {
		const code = linearToHex(...decodeSrgb(estimatedCmykToSrgb(inks)));
		return { colour: readColour(code), text: code, inks };
	}
	const css = asCss(given);
	return { colour: readColour(css), text: css, inks: null };
}
