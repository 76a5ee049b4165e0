import { type Drawing } from '$lib/drawing/drawing';
import { withoutCodes, withoutNumbers } from '$lib/drawing/without-numbers';
import { drawPlate } from '$lib/plates/draw-plate';
import { type Plate } from '$lib/plates/plate';
import { type Workbench } from './workbench.svelte';

/** A drawing as it stands on the page: without codes and numbers while a brief puts these away. */
export const asTold = ({ isHidden }: Pick<Workbench, 'isHidden'>, drawing: Drawing): Drawing =>
	isHidden ? withoutNumbers(drawing) : drawing;

/** Words about a colour as they are told on the page. */
export const asSaid = ({ isHidden }: Pick<Workbench, 'isHidden'>, words: string): string =>
	isHidden ? withoutCodes(words) : words;

/** A plate of the study as it stands on the page. */
export const drawnFor = (workbench: Workbench, plate: Plate): Drawing =>
	asTold(workbench, drawPlate(plate, workbench.document.linked, 'full'));
