import { type Palette } from '$lib/model/palette';
import { type MenuItem } from '$lib/ui/Menu.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { groundExercises } from '../exercises';
import { rows } from '../exercises/rows/rows';
import { LEAST_GROUNDS, MOST_GROUNDS } from '../exercises/rows/schema';
import { changeExercise, decideGrounds, setExercise } from '../grounds-edits';
import { type GroundsPlate } from '../schema';

/** Looks for grounds in a palette. */
function search(workbench: Workbench, { id }: GroundsPlate, { name, colours }: Palette): void {
	workbench.edit('Look for grounds in a palette', decideGrounds(id, { palette: { name, colours } }));
	workbench.beside = 'Readings';
}

/** Lays the figure over the colours of a palette. */
function layOver(workbench: Workbench, { id }: GroundsPlate, { name, colours }: Palette): void {
	const grounds = colours.slice(0, MOST_GROUNDS);
	const decided = decideGrounds(id, { palette: { name, colours: grounds } });
	const shown = changeExercise(id, rows.name);
	const set = setExercise(id, rows, (settings) => ({ ...settings, row: 'palette' as const, count: grounds.length }));
	workbench.edit('Lay the figure over a palette', (study) => set(shown(decided(study))));
}

/** What a palette beside a plate of grounds can be used for. */
export function withPalette(workbench: Workbench, plate: GroundsPlate, palette: Palette): MenuItem[] {
	const over: MenuItem = {
		label: 'Lay the figure over its colours',
		disabled: palette.colours.length < LEAST_GROUNDS,
		run: () => layOver(workbench, plate, palette)
	};
	if (!groundExercises.of(plate).searches) return [over];
	const searched = {
		label: 'Look for grounds in it',
		disabled: palette.colours.length < 2,
		run: () => search(workbench, plate, palette)
	};
	return [over, searched];
}
