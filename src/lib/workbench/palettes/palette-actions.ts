import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Palette, type PaletteContent } from '$lib/model/palette';
import { type Library } from '$lib/palettes/library.svelte';
import { benchOf } from '$lib/plates/benches.svelte';
import { kindOf } from '$lib/plates/kinds';
import { type MenuItem } from '$lib/ui/Menu.svelte';
import { notices } from '$lib/ui/notices.svelte';
import { type ColourSet } from '../bench';
import { linkAll } from '../study/link-all';
import { type Workbench } from '../study/workbench.svelte';

/** All that could be kept as a palette from where one is. */
export function keepables(workbench: Workbench): readonly ColourSet[] {
	const { plate, document } = workbench;
	const bench = plate && benchOf(plate);
	const ofPlate = bench ? (bench.kept ?? bench.taken)(workbench, plate) : [];
	const { linked, titleBlock } = document;
	if (linked.length === 0) return ofPlate;
	const colours = () => linked.map(({ name, text }) => ({ name, hex: text }));
	return [...ofPlate, { what: 'Linked colours', name: titleBlock.title, colours }];
}

/** A set of colours as a palette. */
export const paletteOf = ({ document }: Workbench, { name, colours }: ColourSet): PaletteContent => ({
	name: asLine(name),
	maker: document.titleBlock.maker,
	tags: [],
	colours: colours().map((colour) => ({ name: colour.name, text: colour.hex }))
});

/** Keeps a palette in the library and says so, with its name to be changed there and then. */
export async function keepAsPalette(library: Library, content: PaletteContent): Promise<void> {
	const kept = await library.keep(content);
	if (!kept) return;
	const { id, name } = kept;
	notices.say(
		`Kept as the palette “${name}”.`,
		{ label: 'Undo', run: () => library.remove(id, `“${name}”`) },
		{ name, label: 'Name of the palette', onrename: (other) => library.change(id, 'Rename a palette', { name: other }) }
	);
}

export function linkPalette(workbench: Workbench, { colours }: Palette): void {
	const linked = colours.map((colour) => ({ id: newId(), ...colour }));
	linkAll(workbench, 'Add a palette as linked colours', linked);
}

/** Asks that the open plate has the colours of a palette only; nothing where its kind cannot be asked that. */
export function askFor(workbench: Workbench, { colours }: Palette): MenuItem[] {
	const { plate, document } = workbench;
	const { askPalette, judged, most } = plate ? kindOf(plate).checks : {};
	if (!plate || !askPalette || !judged) return [];
	return [
		{
			label: 'Ask for its colours only',
			disabled: colours.length === 0 || judged(plate, document.linked).length >= (most ?? 0),
			run: () => {
				workbench.edit(
					'Add a check',
					askPalette(
						plate,
						colours.map(({ text }) => text)
					)
				);
				workbench.beside = 'Readings';
			}
		}
	];
}
