import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { type Palette } from '$lib/model/palette';
import { Library } from './library.svelte';

const palette: Palette = {
	id: 'palette00001',
	revision: 1,
	name: 'Dyes',
	maker: 'Ines Marlow',
	tags: [],
	colours: [{ name: 'Madder', text: '#b3392b' }]
};

let failing: number;
let here: Palette;
beforeEach(() => {
	[failing, here] = [0, palette];
	vi.stubGlobal('fetch', (_: string, { method, body }: RequestInit = {}) => {
		const answer = (status: number, content: object): Promise<Response> =>
			Promise.resolve(new Response(JSON.stringify(content), { status }));
		if (method !== 'PUT') return answer(200, { palettes: [here], unreadable: [], tags: [], more: false });
		if (failing-- > 0) return answer(507, { status: 507, code: 'disk-full', title: 'No.', detail: 'Make room.' });
		const sent = JSON.parse(body as string) as { revision: number; palette: Partial<Palette> };
		if (sent.revision !== here.revision)
			return answer(409, { status: 409, code: 'stale', title: 'No.', detail: 'Changed elsewhere.' });
		here = { ...here, ...sent.palette, revision: here.revision + 1 };
		return answer(200, here);
	});
});
afterEach(() => vi.unstubAllGlobals());

const shown = async (): Promise<Library> => {
	const library = new Library();
	await library.load();
	return library;
};

it('a change that could not be saved is taken back as the server has it', async () => {
	const library = await shown();
	failing = 1;
	library.change(palette.id, 'Rename the palette', { name: 'Dye plants' });
	expect(library.palettes[0]!.name).toBe('Dye plants');
	await vi.waitFor(() => expect(library.palettes[0]!.name).toBe('Dyes'));
	expect(here).toEqual(palette);
});

it('a change that could not be saved takes nothing of what was changed after it: that is seen all the while, and saved', async () => {
	const library = await shown();
	failing = 1;
	const seen: string[] = [];
	library.change(palette.id, 'Rename the palette', { name: 'Dye plants' });
	library.change(palette.id, 'Change the maker', { maker: 'Kit Aldous' });
	for (let i = 0; i < 50 && here.revision === 1; i++) {
		seen.push(`${library.palettes[0]!.name}, ${library.palettes[0]!.maker}`);
		await new Promise((done) => setTimeout(done));
	}
	expect(new Set(seen)).toEqual(new Set(['Dye plants, Kit Aldous']));
	expect(here).toMatchObject({ name: 'Dye plants', maker: 'Kit Aldous', revision: 2 });
});
