import { z } from 'zod';
import { escapeXml } from '$lib/core/format/escape-xml';
import { readJson } from '$lib/core/format/read-json';
import { colourSourceSchema, colourTextSchema, type ColourSource } from '$lib/model/colour-text';
import { lineSchema } from '$lib/model/line';
import { linkedColourSchema, MOST_LINKED, type LinkedColour } from '$lib/model/linked';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { KINDS, kindNamed, mapSources, sourcesOf } from '$lib/plates/kinds';
import { plateSchema, type Plate } from '$lib/plates/plate';

/** So many of one sort are taken along at once. */
export const MOST_CLIPS = 100;

/** A plate, a part of one, or a colour; with the linked colours that it uses. */
const oneSchema = z.discriminatedUnion('what', [
	z.strictObject({
		what: z.literal('plate'),
		plate: plateSchema,
		linked: z.array(linkedColourSchema).max(MOST_LINKED)
	}),
	z.strictObject({
		what: z.literal('part'),
		kind: z.string().refine((kind) => Object.hasOwn(KINDS, kind), 'a kind of plate that there is'),
		part: z.unknown(),
		linked: z.array(linkedColourSchema).max(MOST_LINKED)
	}),
	z.strictObject({ what: z.literal('colour'), text: colourTextSchema, name: lineSchema.min(1).optional() })
]);
export type OneClip = z.infer<typeof oneSchema>;

/** What is taken along: one, or several of one sort, in the order in which they stand. */
const severalSchema = z.strictObject({
	what: z.literal('several'),
	clips: z
		.array(oneSchema)
		.min(1)
		.max(MOST_CLIPS)
		.refine((clips) => clips.every(({ what }) => what === clips[0]!.what), 'several of one sort')
});
const clipSchema = z.union([oneSchema, severalSchema]);
export type Clip = z.infer<typeof clipSchema>;

/** The clips of what is taken along, one or several. */
export const clipsOf = (clip: Clip): readonly OneClip[] => (clip.what === 'several' ? clip.clips : [clip]);

/** What a clipboard holds of a clip: the colours as plain text for other programs, and the whole of it inside HTML for ours. */
export interface OnClipboard {
	readonly text: string;
	readonly html: string;
}

const MARK = 'data-ricercar-clip';
/** No clip of ours is longer, a whole study of two megabytes with each quotation mark written out: it is refused unread. */
const LONGEST = 16_000_000;

interface Named {
	readonly name: string;
	readonly hex: string;
}

/** The colours that others get to see of a clip. */
function coloursOf(clip: OneClip): readonly Named[] {
	if (clip.what === 'colour') return [{ name: clip.name ?? clip.text, hex: clip.text }];
	if (clip.what === 'plate') return coloursOfPlate(clip.plate, clip.linked);
	return kindNamed(clip.kind).parts?.colours(clip.part, clip.linked) ?? [];
}

export function onClipboard(clip: Clip): OnClipboard {
	const colours = clipsOf(clip).flatMap(coloursOf);
	const items = colours.map(
		({ name, hex }) => `<li style="background:${escapeXml(hex)}">${escapeXml(`${name} ${hex}`)}</li>`
	);
	return {
		text: colours.map(({ hex }) => hex).join('\n'),
		html: `<ul ${MARK}="${escapeXml(JSON.stringify(clip))}">${items.join('')}</ul>`
	};
}

const ENTITIES: readonly (readonly [string, string])[] = [
	['&quot;', '"'],
	['&#39;', "'"],
	['&lt;', '<'],
	['&gt;', '>'],
	['&nbsp;', '\u00a0'],
	['&amp;', '&']
];
const unescaped = (text: string): string =>
	ENTITIES.reduce((plain, [entity, sign]) => plain.replaceAll(entity, sign), text);

/** A part as its kind has it. @throws ZodError, TypeError */
function withPart(clip: OneClip): OneClip {
	return clip.what === 'part' ? { ...clip, part: kindNamed(clip.kind).parts!.schema.parse(clip.part) } : clip;
}

/** The clip inside HTML; null where there is none of ours, or what there is cannot be read: nothing is half-read. */
export function clipIn(html: string): Clip | null {
	if (html.length > LONGEST) return null;
	const from = html.indexOf(`${MARK}="`);
	if (from < 0) return null;
	const start = from + MARK.length + 2;
	const end = html.indexOf('"', start);
	if (end < 0) return null;
	try {
		const clip = clipSchema.parse(readJson(unescaped(html.slice(start, end)), 'what was copied here'));
		return clip.what === 'several' ? { ...clip, clips: clip.clips.map(withPart) } : withPart(clip);
	} catch {
		return null;
	}
}

/** The linked colours among all that these sources use. */
export const usedOf = (sources: readonly ColourSource[], linked: readonly LinkedColour[]): LinkedColour[] =>
	linked.filter(({ id }) => sources.some((source) => 'linked' in source && source.linked === id));

export const clipOfPlate = (plate: Plate, linked: readonly LinkedColour[]): OneClip => ({
	what: 'plate',
	plate,
	linked: usedOf(sourcesOf(plate), linked)
});

/**
 * A source as it is in another study: a linked colour that is there too stays linked; any other becomes a text with its name, and what
 * followed another plate follows no more.
 */
export const landed =
	(from: readonly LinkedColour[], here: readonly LinkedColour[]) =>
	(source: ColourSource): ColourSource => {
		if ('text' in source)
			return colourSourceSchema.parse({ text: source.text, ...(source.name ? { name: source.name } : {}) });
		const linked = from.find(({ id }) => id === source.linked);
		const same = here.find(({ id }) => id === source.linked);
		if (same || !linked) return source;
		return { text: linked.text, name: linked.name };
	};

/** A plate as it lands in a study. */
export const plateLanded = (plate: Plate, from: readonly LinkedColour[], here: readonly LinkedColour[]): Plate =>
	mapSources(plate, landed(from, here));
