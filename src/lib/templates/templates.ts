import { z } from 'zod';
import { titleBlockSchema } from '$lib/study/parts';
import { studyDocumentSchema } from '$lib/study/study';

/** A sheet to start from: a study as data, with the checks that its exercise asks for. Its title is given when it is used. */
export const templateSchema = z.strictObject({
	name: z.string().min(1),
	says: z.string().min(1),
	document: studyDocumentSchema.safeExtend({ titleBlock: titleBlockSchema.extend({ title: z.literal('') }) })
});
export type Template = z.infer<typeof templateSchema>;

type Files = Readonly<Record<string, () => Promise<unknown>>>;
const TEMPLATES: Files = import.meta.glob<unknown>('./*.json', { import: 'default' });
const BRIEFS: Files = import.meta.glob<unknown>('./briefs/*.json', { import: 'default' });

async function load(files: Files): Promise<Template[]> {
	const paths = Object.keys(files).sort((one, other) => one.localeCompare(other, 'en', { numeric: true }));
	const contents = await Promise.all(paths.map((path) => files[path]!()));
	return contents.map((content) => templateSchema.parse(content));
}

/** All templates, in the order in which a course uses them. */
export const loadTemplates = (): Promise<Template[]> => load(TEMPLATES);

/** The briefs that ship, ready to be handed out, in the order of a course. */
export const loadBriefs = (): Promise<Template[]> => load(BRIEFS);
