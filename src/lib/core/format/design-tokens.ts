import { type Triple } from '../colour/vector';
import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { writeColour } from '../colour/write';
import { type Space } from '../colour/colour';
import { Problem } from '../problem';
import { checkCount, checkLength, checkList, type NamedColour } from './colour-list';
import { propertyNames } from './property-names';
import { readJson, USUAL_LIMITS } from './read-json';

/** Every token and group has a name of its own. */
const LIMITS = { ...USUAL_LIMITS, names: 40_000 };

/**
 * Colours as a design tokens file: the Design Tokens Community Group format (2025.10), with the colour type's object value: colour
 * space, components 0–1, alpha, and the hex code as fallback; the name as it was given is its description. Written from memory of the
 * report, with the names of its colour module.
 * @param colours `#rrggbb` with their names
 */
export function coloursToTokens(name: string, colours: readonly NamedColour[]): string {
	const names = propertyNames(colours);
	const tokens = colours.map(({ name: given, text }, i) => [
		/^\d+$/.test(names[i]!) ? `step-${names[i]}` : names[i]!,
		{
			...(given === null ? {} : { $description: given }),
			$value: { colorSpace: 'srgb', components: components(text), alpha: 1, hex: text }
		}
	]);
	const group = { $type: 'color', ...Object.fromEntries(tokens) };
	return `${JSON.stringify({ [name]: group }, null, '\t')}\n`;
}

function components(hex: string): Triple {
	return readColour(hex).channels.map((channel) => Number(channel.toFixed(5))) as Triple;
}

/** The colour spaces of the format's colour module that we know, as ours. */
const SPACES: Readonly<Record<string, Space>> = {
	srgb: 'srgb',
	'srgb-linear': 'srgb-linear',
	'display-p3': 'display-p3',
	hsl: 'hsl',
	hwb: 'hwb',
	lab: 'lab',
	lch: 'lch',
	oklab: 'oklab',
	oklch: 'oklch',
	'xyz-d65': 'xyz-d65',
	'xyz-d50': 'xyz-d50'
};
/** Spaces whose second and third components the format counts in percent. */
const IN_PERCENT = new Set<Space>(['hsl', 'hwb']);
const DEEPEST = 30;

type Json = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Json =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
const refuse = (path: string, message: string, expected: string): Problem =>
	new Problem('file', `At ${path}: ${message}`, expected);

/**
 * The colours of a design tokens file, with their paths as names: values as objects or CSS text, types inherited from
 * groups, references such as {dyes.madder} followed.
 * @throws Problem `file` with the path of the token and what was expected.
 */
export function readDesignTokens(text: string): NamedColour[] {
	checkLength(text);
	const root = readJson(text, 'a design tokens file, which is one JSON object', LIMITS);
	if (!isObject(root)) throw new Problem('file', 'This is no design tokens file.', 'one JSON object', 1);
	const found: NamedColour[] = [];
	walk(root, [], null, root, found);
	return checkList(found, 'tokens of type color');
}

function walk(node: Json, path: readonly string[], inherited: unknown, root: Json, found: NamedColour[]): void {
	if (path.length > DEEPEST)
		throw refuse(path.slice(0, 4).join('.'), 'groups stand too deep in each other.', `at most ${DEEPEST} levels`);
	const type = node.$type ?? inherited;
	if ('$value' in node) {
		if (type !== 'color') return;
		const name = path.join('.');
		found.push({ name, text: valueOf(node.$value, name, root, 0) });
		checkCount(found.length);
		return;
	}
	for (const [key, child] of Object.entries(node))
		if (!key.startsWith('$') && isObject(child)) walk(child, [...path, key], type, root, found);
}

function valueOf(value: unknown, path: string, root: Json, followed: number): string {
	if (typeof value === 'string') {
		const reference = /^\{([^{}]+)\}$/.exec(value)?.[1];
		if (reference === undefined) return cssText(value, path);
		if (followed >= DEEPEST)
			throw refuse(path, 'its references go round in a circle.', 'references that end at a colour');
		const target = reference
			.split('.')
			.reduce<unknown>((node, key) => (isObject(node) && Object.hasOwn(node, key) ? node[key] : undefined), root);
		if (!isObject(target) || !('$value' in target))
			throw refuse(path, `it refers to {${reference.slice(0, 60)}}, which is not there.`, 'the path of a token');
		return valueOf(target.$value, path, root, followed + 1);
	}
	if (!isObject(value)) throw refuse(path, 'its value is no colour.', 'a colour object, CSS text or a reference');
	const space =
		typeof value.colorSpace === 'string' && Object.hasOwn(SPACES, value.colorSpace)
			? SPACES[value.colorSpace]
			: undefined;
	const parts = Array.isArray(value.components)
		? value.components.map((part: unknown) => (part === 'none' ? 0 : part))
		: [];
	const numbers = parts.filter((part): part is number => typeof part === 'number' && Number.isFinite(part));
	if (!space || parts.length !== 3 || numbers.length !== 3)
		throw refuse(
			path,
			'its value is no colour that can be read.',
			'a known colorSpace and three numbers as components'
		);
	const scale = IN_PERCENT.has(space) ? 0.01 : 1;
	const alpha = value.alpha === undefined ? 1 : value.alpha;
	if (typeof alpha !== 'number' || !(alpha >= 0 && alpha <= 1))
		throw refuse(path, 'its alpha is none.', 'a number from 0 to 1');
	const colour = { space, channels: [numbers[0]!, numbers[1]! * scale, numbers[2]! * scale], alpha } as const;
	// The code says the same in fewer letters, and comes back as it was written.
	return space === 'srgb' && alpha === 1 && value.hex === show(colour).hex
		? value.hex
		: cssText(writeColour(colour), path);
}

function cssText(text: string, path: string): string {
	try {
		readColour(text);
		return text;
	} catch (error) {
		if (!(error instanceof Problem)) throw error;
		throw refuse(path, `“${text.slice(0, 40)}” is no colour. ${error.message}`, error.expected);
	}
}
