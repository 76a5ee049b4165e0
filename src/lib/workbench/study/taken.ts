import { sourcesBy } from '$lib/model/sources';
import { deletePlate } from '$lib/model/edit-plates';
import { type PlateBase } from '$lib/model/plate-base';
import { kindOf } from '$lib/plates/kinds';
import { type Parts } from '$lib/plates/parts';
import { clipOfPlate, usedOf, type Clip, type OneClip } from '$lib/study/clip';
import { capital } from '$lib/model/surroundings';
import { inTurn } from '$lib/study/edits';
import { notices } from '$lib/ui/notices.svelte';
import { subjectOf } from '../mixer/subject';
import { type Gathered } from './gathered';
import { type Workbench } from './workbench.svelte';

/** Parts of a kind that nobody here needs to know. */
type AnyParts = Parts<PlateBase, unknown, unknown>;
export const partsOf = (plate: PlateBase): AnyParts | undefined => kindOf(plate).parts as AnyParts | undefined;

/** What Ctrl C takes: what has the focus, or is held; with what it is called, and what Ctrl X would do beside that. */
export interface Taken {
	readonly clip: Clip;
	readonly said: string;
	readonly cut: (() => void) | null;
}

/** Deletes all that is gathered of a sort, where this is among several; gives whether it was. */
export function deleteGathered(workbench: Workbench, what: 'plates' | 'parts', id: string | null): boolean {
	if (id === null || !workbench.isGathered(what, id) || workbench.gathered!.ids.length < 2) return false;
	const found = what === 'plates' ? platesTaken(workbench, id) : partsTaken(workbench);
	if (!found?.cut) return false;
	found.cut();
	notices.say(`${capital(found.said)} deleted.`, { label: 'Undo', run: () => workbench.undo() });
	return true;
}

const asOne = (clips: readonly OneClip[]): Clip =>
	clips.length === 1 ? clips[0]! : { what: 'several', clips: [...clips] };

/** All that is gathered, where this is among it; or this alone. */
function withGathered(workbench: Workbench, what: Gathered['what'], id: string): readonly string[] {
	return workbench.isGathered(what, id) ? workbench.gathered!.ids : [id];
}

function platesTaken(workbench: Workbench, id: string): Taken | null {
	const { plates, linked } = workbench.decided;
	const ids = withGathered(workbench, 'plates', id);
	const found = plates.filter((plate) => ids.includes(plate.id));
	if (found.length === 0 || workbench.byEye) return null;
	const word = found.length === 1 ? 'a plate' : `${found.length} plates`;
	return {
		clip: asOne(found.map((plate) => clipOfPlate(plate, linked))),
		said: found.length === 1 ? `the plate “${found[0]!.title}”` : word,
		cut: () => workbench.edit(`Cut ${word}`, inTurn(found.map((plate) => deletePlate(plate.id))))
	};
}

function partsTaken(workbench: Workbench): Taken | null {
	const { decidedPlate: plate, placeHeld } = workbench;
	const { linked } = workbench.decided;
	const parts = plate && partsOf(plate);
	const id = parts && placeHeld !== null ? parts.idAt(plate, placeHeld) : null;
	if (!plate || !parts || id === null) return null;
	const found = withGathered(workbench, 'parts', id).flatMap((each) => {
		const place = parts.placeOf(plate, each);
		const part = place === null ? null : parts.at(plate, place);
		return part === null ? [] : [{ place, part }];
	});
	if (found.length === 0) return null;
	const word = found.length === 1 ? `a ${parts.word}` : `${found.length} ${parts.word}s`;
	const clipOf = (part: unknown): OneClip => {
		const used = usedOf(sourcesBy(parts.mapSources.bind(parts), part), linked);
		return { what: 'part', kind: plate.kind, part, linked: used };
	};
	return {
		clip: asOne(found.map(({ part }) => clipOf(part))),
		said: found.length === 1 ? `the ${parts.word}` : word,
		cut: () => workbench.edit(`Cut ${word}`, inTurn(found.map(({ place }) => parts.remove(plate, place))))
	};
}

function coloursTaken(workbench: Workbench): Taken | null {
	const { held, gathered, decided } = workbench;
	if (held?.kind === 'linked' && gathered?.what === 'colours' && gathered.ids.length > 1) {
		const found = decided.linked.filter(({ id }) => gathered.ids.includes(id));
		const clips = found.map(({ text, name }) => ({ what: 'colour' as const, text, name }));
		return { clip: asOne(clips), said: `${found.length} colours`, cut: null };
	}
	const subject = subjectOf(workbench);
	// What is judged by eye is not to be read, by no key either.
	if (!subject || workbench.byEye) return null;
	const name = subject.linked?.name;
	return { clip: { what: 'colour', text: subject.text, ...(name ? { name } : {}) }, said: subject.text, cut: null };
}

/** By where the focus is: plates of the index, parts of the open plate, or else the colour that the mixer holds; all that is gathered with it. */
export function taken(workbench: Workbench, focus: Element | null): Taken | null {
	const id = focus?.closest<HTMLElement>('[data-plate]')?.dataset.plate;
	if (id) return platesTaken(workbench, id);
	const onPlate = focus?.closest('.surface') ?? null;
	return (onPlate && partsTaken(workbench)) ?? coloursTaken(workbench);
}
