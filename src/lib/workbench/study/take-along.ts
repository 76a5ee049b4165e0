import { clipIn, onClipboard } from '$lib/study/clip';
import { isWriting } from '$lib/ui/is-writing';
import { notices } from '$lib/ui/notices.svelte';
import { land } from './land';
import { taken, type Taken } from './taken';
import { type Workbench } from './workbench.svelte';

const undo = (workbench: Workbench) => ({ label: 'Undo', run: () => workbench.undo() });

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

/** Ctrl V of what is ours; what is not is left to whoever reads texts. Gives whether it was ours. */
export function pasteTaken(workbench: Workbench, event: ClipboardEvent): boolean {
	if (isWriting(event.target)) return false;
	const clip = clipIn(event.clipboardData?.getData('text/html') ?? '');
	if (!clip) return false;
	event.preventDefault();
	event.stopImmediatePropagation();
	land(workbench, clip, document.activeElement);
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
		if (clip) land(workbench, clip, focus);
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
