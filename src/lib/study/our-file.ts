import { z } from 'zod';
import { readJson, USUAL_LIMITS } from '$lib/core/format/read-json';
import { Problem } from '$lib/core/problem';
import { sayIssue } from '$lib/model/say-issue';
import { fingerprintOf } from './brief/fingerprint';

/** Longer files are refused unread. What can be saved takes 2 MB at most, and a file of it a few times that. */
export const LONGEST_OURS = 20_000_000;

/** A hand-in has every shape of its drawings in it. */
const LIMITS = { ...USUAL_LIMITS, values: 3_000_000 };

/** What every file of ours says of itself, whatever its version. */
const headSchema = z.object({ format: z.string().startsWith('ricercar '), version: z.int().min(1) });
/** A file of ours as JSON, unread, with its head. */
interface Opened {
	readonly head: z.infer<typeof headSchema>;
	readonly content: Readonly<Record<string, unknown>>;
}

/** A format of our files: plain JSON that says what it is and in which version, and what it holds under its name. */
export interface OurFormat<Field extends string, T> {
	/** "ricercar brief" */
	readonly format: string;
	/** The version that is written; earlier ones are read too. */
	readonly version: number;
	readonly field: Field;
	readonly schema: z.ZodType<T>;
	/** "a brief as it was handed out" */
	readonly expected: string;
	/** What was written in an earlier version, in the shape of the next one, by that version; none where its schema reads them all. */
	readonly bringOver?: Readonly<Record<number, (content: unknown) => unknown>>;
}

const written = (head: object): string => `${JSON.stringify(head, null, '\t')}\n`;

export const writeOurs = <Field extends string, T>(
	{ format, version, field }: OurFormat<Field, T>,
	content: T
): string => written({ format, version, [field]: content });

/** A file that carries the fingerprint of what it holds. */
export const writeSealed = <Field extends string, T>(
	{ format, version, field }: OurFormat<Field, T>,
	content: T
): string => written({ format, version, [field]: content, fingerprint: fingerprintOf(content) });

/** A file as JSON with its head. @throws Problem `file` */
export function openOurs(text: string, expected: string): Opened {
	if (text.length > LONGEST_OURS)
		throw new Problem('file', `The file has ${text.length} characters.`, `at most ${LONGEST_OURS}`);
	const content = readJson(text, expected, LIMITS);
	const head = headSchema.safeParse(content);
	if (!head.success) throw new Problem('file', sayIssue(head.error, 'its beginning'), expected);
	return { head: head.data, content: content as Record<string, unknown> };
}

/** What a file holds, and whether that is what was written: a fingerprint tells accidents, not fraud. */
export interface Sealed<T> {
	readonly content: T;
	readonly asWritten: boolean;
}

function contentOf<Field extends string, T>(
	{ head, content }: Opened,
	{ format, version, field, schema, expected, bringOver = {} }: OurFormat<Field, T>
): T {
	if (head.format !== format) throw new Problem('file', `This is a file of the format “${head.format}”.`, expected);
	if (head.version > version)
		throw new Problem(
			'file',
			`It was made by a newer version of Ricercar: it has format ${head.version}, this version reads formats up to ${version}.`,
			'the newer version, or a file of this one'
		);
	let held = content[field];
	for (let from = head.version; from < version; from++) held = bringOver[from]?.(held) ?? held;
	const whole = z.strictObject({ format: z.string(), version: z.int(), [field]: schema });
	const result = whole.safeParse({ ...content, [field]: held });
	if (result.success) return (result.data as Record<Field, T>)[field];
	throw new Problem('file', sayIssue(result.error, 'its beginning'), expected);
}

/** What a file of a format holds. @throws Problem `file` with the place in the file and what was expected there; nothing is half-read. */
export const readOurs = <Field extends string, T>(text: string, ours: OurFormat<Field, T>): T =>
	contentOf(openOurs(text, ours.expected), ours);

/** A file that carries its fingerprint as far as it is read: what it holds, the same unread, and the fingerprint. */
function opened<Field extends string, T>(text: string, ours: OurFormat<Field, T>) {
	const { head, content } = openOurs(text, ours.expected);
	const { fingerprint, ...others } = content;
	return { read: contentOf({ head, content: others }, ours), content, fingerprint };
}

/** What a file holds, whatever its fingerprint says. @throws Problem `file`, likewise */
export const readUnsealed = <Field extends string, T>(text: string, ours: OurFormat<Field, T>): T =>
	opened(text, ours).read;

/** What a file holds that carries its fingerprint. @throws Problem `file`, likewise */
export function readSealed<Field extends string, T>(text: string, ours: OurFormat<Field, T>): Sealed<T> {
	const { read, content, fingerprint } = opened(text, ours);
	// Of what stands in the file, once it is known to be such a thing: a later version may read it in another shape.
	return { content: read, asWritten: fingerprint === fingerprintOf(content[ours.field]) };
}
