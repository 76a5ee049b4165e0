import { readDrawingApart } from '$lib/client/drawings';
import { drawnSchema, MOST_DRAWN, type Drawn } from '$lib/model/drawn';
import { addPlate } from '$lib/model/edit-plates';
import { asLine } from '$lib/model/line';
import { KIND_NAMES, kindNamed, kindOf, surroundingsOf } from '$lib/plates/kinds';
import { notices } from '$lib/ui/notices.svelte';
import { openPlate } from '../index/plate-actions';
import { hasRoomForPlate } from './room';
import { type Workbench } from './workbench.svelte';

/** In bytes. */
const LARGEST = 5_000_000;

const isDrawingFile = ({ type, name }: File): boolean => type === 'image/svg+xml' || /\.svg$/i.test(name);

/** Whether the open plate takes drawings in the place of what it is laid on. */
export const takesDrawings = ({ plate }: Workbench): boolean => plate !== null && kindOf(plate).drawings !== undefined;

interface Brought {
	readonly name: string;
	readonly text: () => Promise<string>;
	/** In bytes. */
	readonly size: number;
}

/** What is dropped or pasted as drawings: files, or, where it is looked for, the text of one. */
export function drawingsIn(data: DataTransfer | null, asText: boolean): Brought[] {
	const files = [...(data?.files ?? [])].filter(isDrawingFile);
	if (files.length > 0)
		return files.map((file) => ({ name: nameOf(file.name), text: () => file.text(), size: file.size }));
	const text = asText ? (data?.getData('text/plain') ?? '') : '';
	// The head of a file: what else stands in a text is no drawing.
	const isDrawing = /<svg[\s>]/.test(text.slice(0, 2000)) && text.trimStart().startsWith('<');
	return isDrawing ? [{ name: 'A drawing', text: () => Promise.resolve(text), size: text.length }] : [];
}

/** What a drawing is called: its file without the ending. */
function nameOf(file: string): string {
	const line = asLine(file.replace(/\.svg$/i, '').replace(/[_-]+/g, ' '));
	return line === '' ? 'A drawing' : line;
}

/** Reads a drawing and says how far that is, and what was left out; null where nothing came of it, and why is said. */
export async function readBrought({ name, text, size }: Brought): Promise<Drawn | null> {
	if (size > LARGEST) {
		notices.say(`“${name}” takes ${(size / 1e6).toFixed(1)} megabytes; a drawing may take ${LARGEST / 1e6}.`);
		return null;
	}
	const stop = new AbortController();
	const notice = notices.hold(`Reading “${name}” …`, { label: 'Stop', run: () => stop.abort() });
	try {
		const { left, width, height, regions } = await readDrawingApart(await text(), {
			signal: stop.signal,
			onshape: (done, of) => notice.say(`Reading “${name}”: shape ${done} of ${of} …`)
		});
		const drawn = drawnSchema.safeParse({ name, width, height, regions });
		if (!drawn.success) {
			notices.say(
				`“${name}” has too many corners to be kept. Expected: ${MOST_DRAWN / 1000} thousand letters of outlines.`
			);
			return null;
		}
		const without = left.length > 0 ? ` Left out: ${left.join(', ')}.` : '';
		notices.say(`“${name}” is here: ${regions.length} region${regions.length === 1 ? '' : 's'}.${without}`, {
			label: 'I see',
			run: () => undefined
		});
		return drawn.data;
	} catch (error) {
		if (!stop.signal.aborted) notices.say(`“${name}”: ${error instanceof Error ? error.message : 'It failed.'}`);
		return null;
	} finally {
		notice.end();
	}
}

/** Brings drawings: the open plate takes one, where its kind takes any; otherwise each comes on a plate of its own. */
export async function bringDrawings(workbench: Workbench, brought: readonly Brought[]): Promise<void> {
	for (const each of brought) {
		const drawn = await readBrought(each);
		if (!drawn) continue;
		const { plate } = workbench;
		const take = plate && kindOf(plate).drawings?.take;
		if (plate && take && brought.length === 1) {
			workbench.edit('Read in a drawing', take(plate, drawn));
			continue;
		}
		const begin = KIND_NAMES.map((kind) => kindNamed(kind).drawings?.begin).find((found) => found !== undefined);
		if (!begin || !hasRoomForPlate(workbench.decided)) return;
		const added = begin(drawn, surroundingsOf(workbench.decided));
		workbench.edit('Read in a drawing', addPlate(added, plate?.id ?? null));
		openPlate(workbench, added.id);
	}
}
