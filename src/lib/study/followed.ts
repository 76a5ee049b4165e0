import { type ColourSource } from '$lib/model/colour-text';
import { type StudyParts } from '$lib/model/edit';
import { type PlateBase } from '$lib/model/plate-base';
import { followedBy } from '$lib/model/sources';
import { kindOf, mapSources, sourcesOf } from '$lib/plates/kinds';

const known = new WeakMap<PlateBase, readonly string[]>();

/** The plates that a plate follows, by their ids. Plates are replaced and never changed in place. */
function followedPlates(plate: PlateBase): readonly string[] {
	const found = known.get(plate);
	if (found) return found;
	const ids = sourcesOf(plate).flatMap((source) => followedBy(source)?.plate ?? []);
	known.set(plate, ids);
	return ids;
}

/** Whether a plate follows another, or follows one that does. */
export function leadsTo(plates: readonly PlateBase[], from: string, to: string): boolean {
	const seen = new Set<string>();
	const reaches = (id: string): boolean => {
		if (id === to) return true;
		if (seen.has(id)) return false;
		seen.add(id);
		const plate = plates.find((each) => each.id === id);
		return plate ? followedPlates(plate).some(reaches) : false;
	};
	return reaches(from);
}

/** What is wrong with what plates of a study follow, as what would be right. */
export function wrongFollowing(plates: readonly PlateBase[]): string[] {
	const ids = new Set(plates.map(({ id }) => id));
	return plates.flatMap((plate) =>
		followedPlates(plate).flatMap((id) => {
			if (!ids.has(id)) return [`a plate to follow that the study has, not ${id}`];
			return leadsTo(plates, id, plate.id) ? ['plates that do not follow each other in a circle'] : [];
		})
	);
}

/** A study in which everything that follows is as what it follows is now. */
interface Following<S> {
	readonly study: S;
	/** Titles of the plates on which a colour followed what is gone, or itself: it keeps its last colour and follows no more. */
	readonly letGo: readonly string[];
}

/** Brings every colour that follows another plate up to date, those that are followed first. What has not changed keeps its identity. */
export function followed<S extends StudyParts>(study: S): Following<S> {
	if (study.plates.every((plate) => followedPlates(plate).length === 0)) return { study, letGo: [] };
	const { linked } = study;
	const letGo = new Set<string>();
	const done = new Map<string, PlateBase>();
	const open = new Set<string>();

	function latest(plate: PlateBase, source: ColourSource): ColourSource {
		const follows = followedBy(source);
		if (!follows || 'linked' in source) return source;
		const target = study.plates.find(({ id }) => id === follows.plate);
		const brought = target && !open.has(target.id) ? bring(target) : null;
		const given = brought && kindOf(brought).gives?.at(brought, follows.place, linked);
		if (given) return given.hex === source.text ? source : { text: given.hex, follows };
		letGo.add(plate.title);
		return { text: source.text };
	}

	function bring(plate: PlateBase): PlateBase {
		const brought = done.get(plate.id);
		if (brought) return brought;
		open.add(plate.id);
		let changed = false;
		const next =
			followedPlates(plate).length === 0
				? plate
				: mapSources(plate, (source) => {
						const now = latest(plate, source);
						changed ||= now !== source;
						return now;
					});
		open.delete(plate.id);
		done.set(plate.id, changed ? next : plate);
		return changed ? next : plate;
	}

	const plates = study.plates.map(bring);
	const same = plates.every((plate, i) => plate === study.plates[i]);
	return { study: same ? study : { ...study, plates }, letGo: [...letGo] };
}
