import { sourcesBy } from '$lib/model/sources';
import { type PlateBase } from '$lib/model/plate-base';
import { addPlate, deletePlate } from '$lib/model/edit-plates';
import { addLinked } from '$lib/model/edit-linked';
import { newId } from '$lib/model/ids';
import { type Parts } from '$lib/plates/parts';
import { kindOf } from '$lib/plates/kinds';
import { clipIn, clipOfPlate, landed, onClipboard, plateLanded, usedOf, type Clip } from '$lib/study/clip';
import { copyOfPlate } from '$lib/study/edits';
import { isWriting } from '$lib/ui/is-writing';
import { notices } from '$lib/ui/notices.svelte';
import { openPlate } from '../index/plate-actions';
import { settableHeld, subjectOf } from '../mixer/subject';
import { hasRoomForPlate } from './room';
import { type Workbench } from './workbench.svelte';

type AnyParts = Parts<PlateBase, unknown, unknown>;
const partsOf = (plate: PlateBase): AnyParts | undefined => kindOf(plate).parts as AnyParts | undefined;

/** What Ctrl C takes: what has the focus, or is held; with what it is called, and what Ctrl X would do beside that. */
interface Taken {
	readonly clip: Clip;
	readonly said: string;
	readonly cut: (() => void) | null;
}

const undo = (workbench: Workbench) => ({ label: 'Undo', run: () => workbench.undo() });

function plateTaken(workbench: Workbench, id: string): Taken | null {
	const { plates, linked } = workbench.decided;
	const plate = plates.find((each) => each.id === id);
	if (!plate) return null;
	return {
		clip: clipOfPlate(plate, linked),
		said: `the plate “${plate.title}”`,
		cut: () => workbench.edit('Cut a plate', deletePlate(id))
	};
}

function partTaken(workbench: Workbench): Taken | null {
	const { decidedPlate: plate, placeHeld } = workbench;
	const { linked } = workbench.decided;
	const parts = plate && partsOf(plate);
	const part = parts && placeHeld !== null ? parts.at(plate, placeHeld) : null;
	if (!plate || !parts || part === null) return null;
	const used = usedOf(sourcesBy(parts.mapSources.bind(parts), part), linked);
	return {
		clip: { what: 'part', kind: plate.kind, part, linked: used },
		said: `the ${parts.word}`,
		cut: () => workbench.edit(`Cut a ${parts.word}`, parts.remove(plate, placeHeld))
	};
}

function colourTaken(workbench: Workbench): Taken | null {
	const subject = subjectOf(workbench);
	if (!subject) return null;
	const name = subject.linked?.name;
	return { clip: { what: 'colour', text: subject.text, ...(name ? { name } : {}) }, said: subject.text, cut: null };
}

/** By where the focus is: a plate of the index, a part of the open plate, or else the colour that the mixer holds. */
function taken(workbench: Workbench, focus: Element | null): Taken | null {
	const id = focus?.closest<HTMLElement>('[data-plate]')?.dataset.plate;
	if (id) return plateTaken(workbench, id);
	const onPlate = focus?.closest('.surface') ?? null;
	return (onPlate && partTaken(workbench)) ?? colourTaken(workbench);
}

/** Ctrl C and Ctrl X: what is taken goes to the clipboard, as colours for other programs and as the whole for ours. */
export function takeAlong(workbench: Workbench, event: ClipboardEvent): void {
	if (isWriting(event.target) || (document.getSelection()?.toString() ?? '') !== '') return;
	const found = taken(workbench, document.activeElement);
	if (!found || !event.clipboardData) return;
	const { text, html } = onClipboard(found.clip);
	event.clipboardData.setData('text/plain', text);
	event.clipboardData.setData('text/html', html);
	event.preventDefault();
	if (event.type !== 'cut' || !found.cut) return notices.say(`Copied ${found.said}.`);
	found.cut();
	notices.say(`Cut ${found.said}.`, undo(workbench));
}

function putPart(workbench: Workbench, { kind, part, linked }: Extract<Clip, { what: 'part' }>): void {
	const { decidedPlate: plate } = workbench;
	const parts = plate?.kind === kind ? partsOf(plate) : undefined;
	if (!plate || !parts)
		return notices.say('What was copied goes on a plate of its own kind. Open one, and paste it there.');
	const full = parts.full(plate);
	if (full !== null) return notices.say(full);
	const here = parts.mapSources(part, landed(linked, workbench.decided.linked));
	const { edit, place } = parts.add(plate, here, workbench.place);
	workbench.edit(`Paste a ${parts.word}`, edit);
	workbench.hold(place);
}

function putPlate(workbench: Workbench, { plate, linked }: Extract<Clip, { what: 'plate' }>): void {
	if (!hasRoomForPlate(workbench.decided)) return;
	const copy = copyOfPlate(plateLanded(plate, linked, workbench.decided.linked));
	workbench.edit('Paste a plate', addPlate(copy, workbench.plate?.id ?? null));
	openPlate(workbench, copy.id);
}

function putColour(
	workbench: Workbench,
	{ text, name }: Extract<Clip, { what: 'colour' }>,
	focus: Element | null
): void {
	const held = focus?.closest('.surface, .mixer') ? settableHeld(workbench) : null;
	if (held) return workbench.edit('Paste a colour', held.put({ text, ...(name ? { name } : {}) }));
	const colour = { id: newId(), text, name: name ?? text };
	workbench.edit('Paste a colour', addLinked(colour));
	workbench.holdLinked(colour.id);
}

function put(workbench: Workbench, clip: Clip, focus: Element | null): void {
	if (clip.what === 'plate') putPlate(workbench, clip);
	else if (clip.what === 'part') putPart(workbench, clip);
	else putColour(workbench, clip, focus);
}

/** Ctrl V of what is ours; what is not is left to whoever reads texts. Gives whether it was ours. */
export function pasteTaken(workbench: Workbench, event: ClipboardEvent): boolean {
	if (isWriting(event.target)) return false;
	const clip = clipIn(event.clipboardData?.getData('text/html') ?? '');
	if (!clip) return false;
	event.preventDefault();
	event.stopImmediatePropagation();
	put(workbench, clip, document.activeElement);
	return true;
}

/** What the second button offers where it was pressed, with the keys that do the same. */
export interface Offered {
	readonly label: string;
	readonly keys: string;
	readonly run: () => void;
}

async function copyWithoutKeys(workbench: Workbench, { clip, said, cut }: Taken, cuts: boolean): Promise<void> {
	const { text, html } = onClipboard(clip);
	const blob = (type: string, content: string) => ({ [type]: new Blob([content], { type }) });
	try {
		await navigator.clipboard.write([new ClipboardItem({ ...blob('text/plain', text), ...blob('text/html', html) })]);
	} catch {
		return notices.say('The browser keeps the clipboard to itself here: the keys still do it.');
	}
	if (!cuts || !cut) return notices.say(`Copied ${said}.`);
	cut();
	notices.say(`Cut ${said}.`, undo(workbench));
}

async function pasteWithoutKeys(workbench: Workbench, focus: Element | null): Promise<void> {
	try {
		const [item] = await navigator.clipboard.read();
		const html = item?.types.includes('text/html') ? await (await item.getType('text/html')).text() : '';
		const clip = clipIn(html);
		if (clip) put(workbench, clip, focus);
		else notices.say('There is nothing of ours on the clipboard. Colours of other programs are read in by Ctrl V.');
	} catch {
		notices.say('The browser keeps the clipboard to itself here: Ctrl V still does it.');
	}
}

/** Copy, cut, paste and delete of what was pressed; nothing where people write. */
export function offeredAt(workbench: Workbench, on: Element | null): Offered[] {
	if (isWriting(on)) return [];
	const found = taken(workbench, on);
	const cut = found?.cut ?? null;
	return [
		...(found
			? [{ label: `Copy ${found.said}`, keys: 'Ctrl C', run: () => void copyWithoutKeys(workbench, found, false) }]
			: []),
		...(found && cut
			? [
					{ label: `Cut ${found.said}`, keys: 'Ctrl X', run: () => void copyWithoutKeys(workbench, found, true) },
					{ label: `Delete ${found.said}`, keys: 'Delete', run: cut }
				]
			: []),
		{ label: 'Paste', keys: 'Ctrl V', run: () => void pasteWithoutKeys(workbench, on) }
	];
}
