import { type ColourSource } from '$lib/model/colour-text';
import { sourceFor } from '$lib/model/surroundings';
import { sameSource } from '$lib/model/sources';
import { kindOf } from '$lib/plates/kinds';
import { leadsTo } from '$lib/study/followed';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { addColours, removeColour, setColours } from '../pattern-edits';
import { type PatternPlace } from '../places';
import { MOST_COLOURS, type PatternPlate } from '../schema';
import { latest } from './filling';
import { toolOf } from './tool.svelte';

/** A row of colours that could fill the design: the study's own, or what another plate gives. */
export interface SourceRow {
	readonly name: string;
	readonly plate: string | null;
	readonly colours: readonly { readonly source: ColourSource; readonly name: string; readonly hex: string }[];
}

/** All rows of the study that a design can take colours from: linked colours, steps, members, cells, places. */
export function rowsFor(workbench: Workbench, { id }: PatternPlate): SourceRow[] {
	const { linked, plates } = workbench.document;
	const own: SourceRow[] =
		linked.length > 0
			? [
					{
						name: 'Linked colours',
						plate: null,
						colours: linked.map((colour) => ({ source: sourceFor(colour), name: colour.name, hex: colour.text }))
					}
				]
			: [];
	const given = plates.flatMap((plate) =>
		leadsTo(plates, plate.id, id)
			? []
			: (kindOf(plate).gives?.rows(plate, linked) ?? []).map(({ name, colours }): SourceRow => ({
					name: `${name}, on “${plate.title}”`,
					plate: plate.id,
					colours: colours.map(({ place, name: called, hex }) => ({
						source: { text: hex, follows: { plate: plate.id, place } },
						name: called,
						hex
					}))
				}))
	);
	return [...own, ...given];
}

/** Takes colours into the design, and holds the first of them: it fills from then on. */
export function takeColours(workbench: Workbench, plate: PatternPlate, sources: readonly ColourSource[]): void {
	const fresh = sources.filter((source) => !plate.colours.some((own) => sameSource(own.source, source)));
	if (plate.colours.length + fresh.length > MOST_COLOURS)
		notices.say(`A design has ${MOST_COLOURS} colours at most; what went over is left out.`);
	if (fresh.length > 0) workbench.edit('Add colours to a design', addColours(plate.id, fresh));
	const [first] = sources;
	const there = latest(workbench, plate).colours.find((own) => first && sameSource(own.source, first));
	if (!there) return;
	toolOf(workbench).act = 'fill';
	workbench.hold({ kind: 'colour', id: there.id, climate: null } satisfies PatternPlace);
}

/** A colour that was dropped on the design. */
export const fillWithNew = (workbench: Workbench, plate: PatternPlate, source: ColourSource): void =>
	takeColours(workbench, plate, [source]);

/** Takes a colour out; its cells are empty then, and that can be taken back. */
export function dropColour(workbench: Workbench, plate: PatternPlate, id: string, cells: number): void {
	workbench.edit('Take a colour out', removeColour(plate.id, id));
	const left = cells === 0 ? 'It was not used.' : `${cells} cell${cells === 1 ? ' is' : 's are'} empty now.`;
	notices.say(`Colour taken out. ${left}`, { label: 'Undo', run: () => workbench.undo() });
}

const isLinked = (source: ColourSource): boolean => 'linked' in source || source.follows !== undefined;
export const followsSomething = isLinked;

/** A colour as it is now, which follows nothing any more. */
export function unlink(workbench: Workbench, plate: PatternPlate, ids: readonly string[]): void {
	const { linked } = workbench.document;
	const freed = plate.colours.flatMap(({ id, source }) => {
		if (!ids.includes(id) || !isLinked(source)) return [];
		const text = 'linked' in source ? linked.find((colour) => colour.id === source.linked)!.text : source.text;
		return [[id, { text }] as const];
	});
	if (freed.length === 0) return;
	workbench.edit('Unlink colours of a design', setColours(plate.id, null, new Map(freed)));
	notices.say(`${freed.length} colour${freed.length === 1 ? ' follows' : 's follow'} nothing any more.`, {
		label: 'Undo',
		run: () => workbench.undo()
	});
}
