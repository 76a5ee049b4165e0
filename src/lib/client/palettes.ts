import {
	paletteListSchema,
	paletteSchema,
	type Palette,
	type PaletteContent,
	type PaletteList,
	type PaletteQuery
} from '$lib/model/palette';
import { ask, asJson } from './asking';

const PATH = '/api/palettes';

export async function listPalettes({ words, tag, near, most }: PaletteQuery): Promise<PaletteList> {
	const query = new URLSearchParams({ words, tag, near, most: String(most) });
	return paletteListSchema.parse(await (await ask(`${PATH}?${query}`)).json());
}

/** What decides a palette, without what the server adds. */
export const contentOf = ({ name, maker, tags, colours }: PaletteContent): PaletteContent => ({
	name,
	maker,
	tags,
	colours
});

export async function keepPalette(content: PaletteContent): Promise<Palette> {
	const palette = contentOf(content);
	return paletteSchema.parse(await (await ask(PATH, asJson('POST', { palette }))).json());
}

/** Saves a palette over the revision that it was loaded as. */
export async function savePalette({ id, revision, ...content }: Palette): Promise<Palette> {
	const request = { revision, palette: contentOf(content) };
	return paletteSchema.parse(await (await ask(`${PATH}/${id}`, asJson('PUT', request))).json());
}

export async function duplicatePalette(id: string): Promise<Palette> {
	return paletteSchema.parse(await (await ask(`${PATH}/${id}/duplicate`, { method: 'POST' })).json());
}

export const deletePalette = (id: string): Promise<Response> => ask(`${PATH}/${id}`, { method: 'DELETE' });
export const restorePalette = (id: string): Promise<Response> => ask(`${PATH}/${id}/restore`, { method: 'POST' });
export const placePalette = (id: string, before: string | null): Promise<Response> =>
	ask(`${PATH}/${id}/place`, asJson('PUT', { before }));
