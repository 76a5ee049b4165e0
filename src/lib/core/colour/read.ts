import { Problem } from '../problem';
import { SHARE_OF_BYTE } from './bytes';
import { type Colour, type Space } from './colour';
import { NAMED } from './named';
import { Scanner } from './scanner';
import { type Triple } from './vector';
import { a98ToXyz, prophotoToXyzD50, rec2020ToXyz } from './wide';

/** Longer texts are refused unread: no colour needs more. */
const LONGEST = 200;
/** No channel of any colour lies further out; beyond it, reckoning would overflow somewhere. */
export const FURTHEST = 100_000;
const TURN_OF_UNIT: Readonly<Record<string, number>> = { deg: 1, grad: 0.9, rad: 180 / Math.PI, turn: 360 };

type Channel = { hue: true } | { hue: false; whole: number; percent: number; least: number; most: number };

const hue: Channel = { hue: true };
/** A channel: what a plain number is divided by, what 100 % stands for, and where CSS clamps it. */
const share = (whole: number, percent: number, least = -Infinity, most = Infinity): Channel => ({
	hue: false,
	whole,
	percent,
	least,
	most
});
const byte = share(255, 1, 0, 1);
const hundredth = share(100, 1, 0, 1);
const unit = share(1, 1);

/** CSS Color 4 §4 to §10: the functions, their space and channels. `hsb` is a convenience of our own. */
const FUNCTIONS: Readonly<Record<string, { space: Space; channels: readonly [Channel, Channel, Channel] }>> = {
	rgb: { space: 'srgb', channels: [byte, byte, byte] },
	rgba: { space: 'srgb', channels: [byte, byte, byte] },
	hsl: { space: 'hsl', channels: [hue, hundredth, hundredth] },
	hsla: { space: 'hsl', channels: [hue, hundredth, hundredth] },
	hsb: { space: 'hsb', channels: [hue, hundredth, hundredth] },
	hwb: { space: 'hwb', channels: [hue, hundredth, hundredth] },
	lab: { space: 'lab', channels: [share(1, 100, 0, 100), share(1, 125), share(1, 125)] },
	lch: { space: 'lch', channels: [share(1, 100, 0, 100), share(1, 150, 0), hue] },
	oklab: { space: 'oklab', channels: [share(1, 1, 0, 1), share(1, 0.4), share(1, 0.4)] },
	oklch: { space: 'oklch', channels: [share(1, 1, 0, 1), share(1, 0.4, 0), hue] }
};
const WITH_COMMAS = new Set(['rgb', 'rgba', 'hsl', 'hsla']);
const PREDEFINED: Readonly<Record<string, Space>> = {
	srgb: 'srgb',
	'srgb-linear': 'srgb-linear',
	'display-p3': 'display-p3',
	xyz: 'xyz-d65',
	'xyz-d65': 'xyz-d65',
	'xyz-d50': 'xyz-d50'
};

/** A space of color() that is read into XYZ at once. */
interface Wide {
	readonly space: Space;
	readonly toXyz: (channels: Triple) => Triple;
}
const WIDE: Readonly<Record<string, Wide>> = {
	'a98-rgb': { space: 'xyz-d65', toXyz: a98ToXyz },
	'prophoto-rgb': { space: 'xyz-d50', toXyz: prophotoToXyzD50 },
	rec2020: { space: 'xyz-d65', toXyz: rec2020ToXyz }
};

/**
 * Reads one colour in the syntax of CSS Color 4: a name, hex with 3, 4, 6 or 8 digits, rgb(), hsl(), hwb(),
 * lab(), lch(), oklab(), oklch(), color() with every space of it (the wide ones become XYZ);
 * and `hsb(6 76% 70%)`. Missing channels (`none`) are 0. A number beyond ±100 000 is refused.
 * @throws Problem `colour-text`, with the place and what was expected there.
 */
export function readColour(text: string): Colour {
	if (text.length > LONGEST)
		throw new Problem(
			'colour-text',
			`The text has ${text.length} characters.`,
			'a colour of at most 200 characters',
			0
		);
	const plain = readPlainHex(text);
	if (plain) return plain;
	const scan = new Scanner(text);
	scan.skipSpaces();
	const colour = scan.text[scan.place] === '#' ? readHex(scan) : readWord(scan);
	scan.skipSpaces();
	if (!scan.atEnd()) throw scan.expected('nothing more after the colour');
	return colour;
}

/**
 * A text whose numbers lie beyond what a channel may be, with each of them brought to the furthest that is read: for what was
 * stored before there was a limit. A text without such numbers comes back as it is.
 */
export const withinReach = (text: string): string =>
	text.replace(/[+-]?(?:\d+(?:\.\d+)?|\.\d+)(?:e[+-]?\d+)?/gi, (number) => {
		const value = Number(number);
		return Math.abs(value) <= FURTHEST ? number : String(Math.sign(value) * FURTHEST);
	});

/** The value of each hexadecimal digit by its character code, −1 for every other character of ASCII. */
const DIGIT_OF_CODE = Int8Array.from({ length: 128 }, (_, code) => {
	const value = Number.parseInt(String.fromCharCode(code), 16);
	return Number.isNaN(value) ? -1 : value;
});

/** The byte that two digits of a text stand for, negative where one is no digit. */
function byteAt(text: string, at: number): number {
	const high = text.charCodeAt(at);
	const low = text.charCodeAt(at + 1);
	return high < 128 && low < 128 ? (DIGIT_OF_CODE[high]! << 4) | DIGIT_OF_CODE[low]! : -1;
}

/** `#rrggbb` with nothing around it, the form of nearly every colour, without the scanner. Null for anything else. */
function readPlainHex(text: string): Colour | null {
	if (text.length !== 7 || text.charCodeAt(0) !== 35) return null;
	const r = byteAt(text, 1);
	const g = byteAt(text, 3);
	const b = byteAt(text, 5);
	if ((r | g | b) < 0) return null;
	return { space: 'srgb', channels: [SHARE_OF_BYTE[r]!, SHARE_OF_BYTE[g]!, SHARE_OF_BYTE[b]!], alpha: 1 };
}

function readHex(scan: Scanner): Colour {
	const start = scan.place;
	const digits = scan.hex() ?? '';
	if (![3, 4, 6, 8].includes(digits.length))
		throw scan.expected('3, 4, 6 or 8 hexadecimal digits after #, as in #b3392b', start);
	const size = digits.length < 6 ? 1 : 2;
	const channel = (n: number): number => {
		const part = digits.slice(n * size, (n + 1) * size);
		return part === '' ? 1 : Number.parseInt(size === 1 ? part + part : part, 16) / 255;
	};
	return { space: 'srgb', channels: [channel(0), channel(1), channel(2)], alpha: channel(3) };
}

/** Whether a word in small letters is the name of a colour. */
export const isColourName = (word: string): boolean => word === 'transparent' || NAMED.has(word);

function readWord(scan: Scanner): Colour {
	const start = scan.place;
	const word = scan.word();
	if (word === null) throw scan.expected('a colour such as #b3392b, oklch(0.52 0.16 30) or teal');
	if (scan.take('(')) return readFunction(scan, word, start);
	if (word === 'transparent') return { space: 'srgb', channels: [0, 0, 0], alpha: 0 };
	const code = NAMED.get(word);
	if (code === undefined) throw scan.expected('a colour name of CSS, such as teal, or a code such as #b3392b', start);
	return { space: 'srgb', channels: [(code >> 16) / 255, ((code >> 8) & 255) / 255, (code & 255) / 255], alpha: 1 };
}

function readFunction(scan: Scanner, name: string, start: number): Colour {
	scan.skipSpaces();
	let form = Object.hasOwn(FUNCTIONS, name) ? FUNCTIONS[name] : undefined;
	let wide: Wide | undefined;
	if (name === 'color') {
		const { space, wider } = readPredefined(scan);
		form = { space, channels: [unit, unit, unit] };
		wide = wider;
	}
	if (!form) throw scan.expected('rgb, hsl, hsb, hwb, lab, lch, oklab, oklch or color before the bracket', start);
	const [first, second, third] = form.channels;
	const x = readChannel(scan, first);
	scan.skipSpaces();
	const commas = WITH_COMMAS.has(name) && scan.take(',');
	const y = readNext(scan, second, commas, false);
	const z = readNext(scan, third, commas, true);
	const alpha = readAlpha(scan, commas);
	if (!scan.take(')')) throw scan.expected('a closing bracket');
	const channels: Triple = [x, y, z];
	return { space: form.space, channels: wide ? wide.toXyz(channels) : channels, alpha };
}

function readPredefined(scan: Scanner): { space: Space; wider?: Wide | undefined } {
	const start = scan.place;
	const word = scan.word() ?? '';
	const wider = Object.hasOwn(WIDE, word) ? WIDE[word] : undefined;
	const space = wider?.space ?? (Object.hasOwn(PREDEFINED, word) ? PREDEFINED[word] : undefined);
	if (!space)
		throw scan.expected(
			'srgb, srgb-linear, display-p3, a98-rgb, prophoto-rgb, rec2020, xyz, xyz-d65 or xyz-d50',
			start
		);
	scan.skipSpaces();
	return { space, wider };
}

function readNext(scan: Scanner, channel: Channel, commas: boolean, commaBefore: boolean): number {
	scan.skipSpaces();
	if (commas && commaBefore && !scan.take(',')) throw scan.expected('a comma');
	scan.skipSpaces();
	return readChannel(scan, channel);
}

function readChannel(scan: Scanner, channel: Channel): number {
	const start = scan.place;
	const value = scan.number();
	if (value === null) {
		if (scan.word() === 'none') return 0;
		throw scan.expected(channel.hue ? 'a hue in degrees' : 'a number or a percentage', start);
	}
	if (!(Math.abs(value) <= FURTHEST)) throw scan.expected(`a number from −${FURTHEST} to ${FURTHEST}`, start);
	if (channel.hue) return value * readUnit(scan);
	const size = scan.take('%') ? (value / 100) * channel.percent : value / channel.whole;
	return Math.min(channel.most, Math.max(channel.least, size));
}

function readUnit(scan: Scanner): number {
	const start = scan.place;
	const word = scan.word();
	if (word === null) return 1;
	const degrees = Object.hasOwn(TURN_OF_UNIT, word) ? TURN_OF_UNIT[word] : undefined;
	if (degrees === undefined) throw scan.expected('deg, grad, rad or turn, or no unit', start);
	return degrees;
}

function readAlpha(scan: Scanner, commas: boolean): number {
	scan.skipSpaces();
	if (!scan.take(commas ? ',' : '/')) return 1;
	scan.skipSpaces();
	return readChannel(scan, hundredthOrUnit);
}

/** Alpha: a plain number of 1, or 100 %. */
const hundredthOrUnit = share(1, 1, 0, 1);
