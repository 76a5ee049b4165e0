import { addPlate } from '$lib/model/edit-plates';
import { addAllLinked } from '$lib/model/edit-linked';
import { newId } from '$lib/model/ids';
import { clipsOf, landed, plateLanded, type Clip, type OneClip } from '$lib/study/clip';
import { copyOfPlate, inTurn, type StudyEdit } from '$lib/study/edits';
import { notices } from '$lib/ui/notices.svelte';
import { openPlate } from '../index/plate-actions';
import { settableHeld } from '../mixer/subject';
import { hasRoomForLinked, hasRoomForPlate } from './room';
import { partsOf } from './taken';
import { type Workbench } from './workbench.svelte';

type PartClip = Extract<OneClip, { what: 'part' }>;
type PlateClip = Extract<OneClip, { what: 'plate' }>;
type ColourClip = Extract<OneClip, { what: 'colour' }>;

/** Puts parts after the one that is held, in their order; none where one of them has no room. */
function putParts(workbench: Workbench, clips: readonly PartClip[]): void {
	let { decidedPlate: plate, decided: study, place } = workbench;
	const parts = plate && clips.every(({ kind }) => kind === plate!.kind) ? partsOf(plate) : undefined;
	if (!plate || !parts)
		return notices.say('What was copied goes on a plate of its own kind. Open one, and paste it there.');
	const edits: StudyEdit[] = [];
	for (const { part, linked } of clips) {
		const full = parts.full(plate);
		if (full !== null) return notices.say(full);
		const added = parts.add(plate, parts.mapSources(part, landed(linked, study.linked)), place);
		edits.push(added.edit);
		study = added.edit(study);
		plate = study.plates.find(({ id }) => id === plate!.id)!;
		place = added.place;
	}
	workbench.edit(clips.length === 1 ? `Paste a ${parts.word}` : `Paste ${clips.length} ${parts.word}s`, inTurn(edits));
	workbench.hold(place);
}

function putPlates(workbench: Workbench, clips: readonly PlateClip[]): void {
	if (!hasRoomForPlate(workbench.decided, clips.length)) return;
	const copies = clips.map(({ plate, linked }) => copyOfPlate(plateLanded(plate, linked, workbench.decided.linked)));
	const edits = copies.map((copy, i) => addPlate(copy, copies[i - 1]?.id ?? workbench.plate?.id ?? null));
	workbench.edit(clips.length === 1 ? 'Paste a plate' : `Paste ${clips.length} plates`, inTurn(edits));
	openPlate(workbench, copies.at(-1)!.id);
}

/** One colour goes where a colour is held; several become linked colours. */
function putColours(workbench: Workbench, clips: readonly ColourClip[], focus: Element | null): void {
	const [{ text, name }] = clips as [ColourClip];
	const held = clips.length === 1 && focus?.closest('.surface, .mixer') ? settableHeld(workbench) : null;
	if (held) return workbench.edit('Paste a colour', held.put({ text, ...(name ? { name } : {}) }));
	if (!hasRoomForLinked(workbench.decided, clips.length)) return;
	const colours = clips.map((clip) => ({ id: newId(), text: clip.text, name: clip.name ?? clip.text }));
	const label = clips.length === 1 ? 'Paste a colour' : `Paste ${clips.length} colours`;
	workbench.edit(label, addAllLinked(colours));
	workbench.holdLinked(colours.at(-1)!.id);
}

const only = <What extends OneClip['what']>(clips: readonly OneClip[], what: What) =>
	clips.filter((clip): clip is Extract<OneClip, { what: What }> => clip.what === what);

/** Puts what was taken along where the study is open: after what is held, in its order, as one edit. */
export function land(workbench: Workbench, clip: Clip, focus: Element | null): void {
	const clips = clipsOf(clip);
	const { what } = clips[0]!;
	if (what === 'plate') putPlates(workbench, only(clips, what));
	else if (what === 'part') putParts(workbench, only(clips, what));
	else putColours(workbench, only(clips, what), focus);
}
