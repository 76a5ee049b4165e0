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

const FILES = import.meta.glob<unknown>('./*.json', { import: 'default' });

/** All templates, in the order in which a course uses them. */
export async function loadTemplates(): Promise<Template[]> {
	const paths = Object.keys(FILES).sort((one, other) => one.localeCompare(other, 'en', { numeric: true }));
	const contents = await Promise.all(paths.map((path) => FILES[path]!()));
	return contents.map((content) => templateSchema.parse(content));
}
