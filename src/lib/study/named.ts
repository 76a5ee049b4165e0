import { colourWords } from '$lib/core/colour/hue-words';
import { show } from '$lib/core/colour/shown';
import { type StudyParts } from '$lib/model/edit';
import { asLine } from '$lib/model/line';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { colourOf } from '$lib/model/resolve';
import { capital } from '$lib/model/surroundings';
import { kindOf } from '$lib/plates/kinds';

const wordsOf = (text: string): string => colourWords(show(colourOf(text)).linear);

/** A linked colour with a name of ours is named anew when it has become another colour in words: a red that is turned to a blue. */
function namedColour(colour: LinkedColour, before: LinkedColour | undefined): LinkedColour {
	if (!colour.namedBy || !before || before.text === colour.text) return colour;
	const words = wordsOf(colour.text);
	return words === wordsOf(before.text) ? colour : { ...colour, name: asLine(capital(words)) };
}

function titledPlate(plate: PlateBase, linked: readonly LinkedColour[]): PlateBase {
	if (!plate.titledBy) return plate;
	const title = asLine(kindOf(plate).title(plate, linked));
	return title === plate.title ? plate : { ...plate, title };
}

/** The very same list where nothing in it has changed. */
function mapped<T>(all: T[], change: (each: T) => T): T[] {
	const changed = all.map(change);
	return changed.every((each, i) => each === all[i]) ? all : changed;
}

/** A study as it is after an edit, with what the machine has named named for what is there now. What people have named stays. */
export function named<S extends StudyParts>(before: S, after: S): S {
	if (before === after) return after;
	const old = new Map(before.linked.map((colour) => [colour.id, colour]));
	const linked =
		after.linked === before.linked
			? after.linked
			: mapped(after.linked, (colour) => namedColour(colour, old.get(colour.id)));
	const plates = mapped(after.plates, (plate) => titledPlate(plate, linked));
	return linked === after.linked && plates === after.plates ? after : { ...after, linked, plates };
}
