import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { MOST_CHOSEN, type RelativeCell, type SchemePlate } from '../schema';
import { decideScheme } from '../scheme-edits';

const sameCell = (one: RelativeCell, other: RelativeCell): boolean =>
	one.member === other.member && one.direction === other.direction && one.step === other.step;

export const isChosen = (chosen: readonly RelativeCell[], cell: RelativeCell): boolean =>
	chosen.some((other) => sameCell(other, cell));

/** Chooses cells beside those that are chosen, each once. */
export const withChosen = (chosen: readonly RelativeCell[], cells: readonly RelativeCell[]): RelativeCell[] => [
	...chosen,
	...cells.filter((cell) => !isChosen(chosen, cell))
];

export const withoutChosen = (chosen: readonly RelativeCell[], cells: readonly RelativeCell[]): RelativeCell[] =>
	chosen.filter((cell) => !isChosen(cells, cell));

/** All relatives from one to another in one direction of one member; only the first where the two share no direction. */
export function rangeBetween(from: RelativeCell, to: RelativeCell): RelativeCell[] {
	if (from.member !== to.member || from.direction !== to.direction) return [from, to];
	const [least, most] = [Math.min(from.step, to.step), Math.max(from.step, to.step)];
	return Array.from({ length: most - least + 1 }, (_, i) => ({ ...from, step: least + i }));
}

/** Sets which relatives of a plate are chosen, at the most as many as it keeps; those of one act are undone together. */
export function chooseRelatives(
	workbench: Workbench,
	{ id, relatives }: SchemePlate,
	cells: readonly RelativeCell[],
	what: string | null = null
): void {
	const chosen = cells.slice(0, MOST_CHOSEN).map(({ member, direction, step }) => ({ member, direction, step }));
	workbench.edit('Choose relatives', decideScheme(id, { relatives: { ...relatives, chosen } }), what);
}
