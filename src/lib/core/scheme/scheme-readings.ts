import { valueOf } from '../colour/value-of';
import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { contrastRatio } from '../difference/contrast';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { HARD_TO_TELL } from '../scale/readings';
import { holds, look, type Remark } from '../remark';
import { besideLimit } from '../say-number';
import { list, runs } from '../scale/remarks';
import { temperature } from './temperature';
import { type Member } from './schemes';

/** How two members stand to each other; numbers count from 1. */
export interface Pair {
	readonly one: number;
	readonly other: number;
	/** L*, without sign. */
	readonly value: number;
	/** ΔE00 */
	readonly difference: number;
	/** WCAG 2, 1–21. */
	readonly ratio: number;
}

/** What is measured of a scheme's members. */
export interface SchemeReadings {
	/** L* of each member. */
	readonly values: readonly number[];
	/** OKLCH chroma and hue in degrees of each. */
	readonly places: readonly { readonly chroma: number; readonly hue: number }[];
	readonly pairs: readonly Pair[];
	/** Members that lay outside the screen gamut. */
	readonly outOfGamut: readonly number[];
}

/** Measures the members of a scheme, and every two of them against each other (ΔE00 by CIE 142, ratio by WCAG 2). */
export function readScheme(members: readonly Pick<Member, 'linear' | 'mapped'>[]): SchemeReadings {
	const values = members.map(({ linear }) => valueOf(linear));
	const pairs = members.flatMap(({ linear }, i) =>
		members.slice(i + 1).map(({ linear: other }, j): Pair => ({
			one: i + 1,
			other: i + j + 2,
			value: Math.abs(values[i]! - values[i + j + 1]!),
			difference: differenceOfLinear(linear, other),
			ratio: contrastRatio(linear, other)
		}))
	);
	const places = members.map(({ linear }) => {
		const [, chroma, hue] = linearToOklch(linear);
		return { chroma, hue };
	});
	const outOfGamut = members.flatMap(({ mapped }, i) => (mapped ? [i + 1] : []));
	return { values, places, pairs, outOfGamut };
}

/** Limits of the words below (ours: the trade has the words, not the numbers). */
const [ONE_GREY, NARROW, WIDE] = [3, 20, 55] as const;
const [QUIET, STRONG] = [0.08, 0.17] as const;
/** WCAG 2 asks these of large text, and of text of any size. */
const [READABLE, READABLE_SMALL] = [3, 4.5] as const;

function onValue({ values }: SchemeReadings): Remark {
	const [least, most] = [Math.min(...values), Math.max(...values)];
	const range = `from ${least.toFixed(0)} to ${most.toFixed(0)}`;
	if (most - least < ONE_GREY)
		return look(
			'scheme.value-narrow',
			`About one value, ${values[0]!.toFixed(0)}: without hue all would be about one grey.`
		);
	if (most - least < NARROW) return look('scheme.value-narrow', `Little difference of value, ${range}.`);
	const wide = most - least > WIDE ? 'wide' : 'middling';
	return holds('scheme.value', `A ${wide} range of value, ${range}.`);
}

function onTemperature(colours: readonly ReadonlyTriple[]): Remark {
	const kinds = colours.map(temperature);
	const count = (kind: string): number => kinds.filter((each) => each === kind).length;
	const [warm, cool] = [count('warm'), count('cool')];
	const neither = colours.length - warm - cool;
	const greys = neither === 0 ? '' : `, with ${neither} that ${neither === 1 ? 'is' : 'are'} neither`;
	if (warm + cool === 0) return look('scheme.temperature', 'Neither warm nor cool.');
	if (cool === 0) return holds('scheme.temperature', neither === 0 ? 'All of it is warm.' : `Warm${greys}.`);
	if (warm === 0) return holds('scheme.temperature', neither === 0 ? 'All of it is cool.' : `Cool${greys}.`);
	return holds('scheme.temperature', `${warm} warm beside ${cool} cool${greys}.`);
}

function onStrength({ places }: SchemeReadings): Remark {
	const numbers = (matches: (chroma: number) => boolean): number[] =>
		places.flatMap(({ chroma }, i) => (matches(chroma) ? [i + 1] : []));
	const strong = numbers((chroma) => chroma >= STRONG);
	const quiet = numbers((chroma) => chroma < QUIET);
	if (strong.length === places.length) return look('scheme.strength', 'All are strong: nothing gives the others room.');
	if (quiet.length === places.length) return holds('scheme.strength', 'All are quiet.');
	const said = [
		...(strong.length > 0 ? [`${runs(strong)} strong`] : []),
		...(quiet.length > 0 ? [`${runs(quiet)} quiet`] : [])
	];
	return holds('scheme.strength', said.length === 0 ? 'All are of middling strength.' : `Strength: ${list(said)}.`);
}

function onTelling({ pairs }: SchemeReadings): Remark {
	const alike = pairs
		.filter(({ difference }) => difference < HARD_TO_TELL)
		.map(({ one, other }) => `${one} and ${other}`);
	if (alike.length === 0) return holds('scheme.told-apart', 'Every member can be told from every other.');
	return look('scheme.alike', `Hard to tell apart: ${alike.join('; ')}.`);
}

function onReading({ pairs }: SchemeReadings): Remark {
	const best = pairs.reduce((most, pair) => (pair.ratio > most.ratio ? pair : most));
	const limit = best.ratio < READABLE ? READABLE : READABLE_SMALL;
	const said = `${best.one} on ${best.other}, ${besideLimit(best.ratio, limit, 1)} to 1`;
	if (best.ratio < READABLE)
		return look('scheme.unreadable', `No pair has contrast enough for lettering; most has ${said}.`);
	return holds('scheme.readable', `For ${best.ratio < READABLE_SMALL ? 'large ' : ''}lettering: ${said}.`);
}

function onGamut({ outOfGamut }: SchemeReadings): Remark {
	if (outOfGamut.length === 0) return holds('scheme.fits', 'Every member fits the screen gamut.');
	const one = outOfGamut.length === 1;
	return look(
		'scheme.outside',
		`${one ? 'Member' : 'Members'} ${runs(outOfGamut)} ${one ? 'lies' : 'lie'} outside the screen gamut; the nearest ${one ? 'is' : 'are'} shown.`
	);
}

/** In words what a scheme has much or little of. */
export function remarksOnScheme(readings: SchemeReadings, members: readonly Pick<Member, 'linear'>[]): Remark[] {
	const colours = members.map(({ linear }) => linear);
	return [
		onValue(readings),
		onTemperature(colours),
		onStrength(readings),
		onTelling(readings),
		onReading(readings),
		onGamut(readings)
	];
}
