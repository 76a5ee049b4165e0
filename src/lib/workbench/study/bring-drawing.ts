import { readDrawingApart } from '$lib/client/drawings';
import { drawnSchema, MOST_DRAWN, type Drawn } from '$lib/model/drawn';
import { asLine } from '$lib/model/line';
import { kindOf } from '$lib/plates/kinds';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from './workbench.svelte';

/** In bytes. */
const LARGEST = 5_000_000;

const isDrawingFile = ({ type, name }: File): boolean => type === 'image/svg+xml' || /\.svg$/i.test(name);

interface Brought {
	readonly name: string;
	readonly text: () => Promise<string>;
	/** In bytes. */
	readonly size: number;
}

/** What is dropped or pasted as drawings where the open plate takes one: files, or the text of one. Elsewhere it is a file with colours. */
export function drawingsIn({ plate }: Workbench, data: DataTransfer | null): Brought[] {
	if (!plate || !kindOf(plate).takeDrawing) return [];
	const files = [...(data?.files ?? [])].filter(isDrawingFile);
	if (files.length > 0)
		return files.map((file) => ({ name: nameOf(file.name), text: () => file.text(), size: file.size }));
	const text = data?.getData('text/plain') ?? '';
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

/** Puts a drawing on the open plate, in the place of what it is laid on; of several only the first. */
export async function bringDrawing(workbench: Workbench, [first, ...others]: readonly Brought[]): Promise<void> {
	const { plate } = workbench;
	const drawn = first && (await readBrought(first));
	const take = plate && kindOf(plate).takeDrawing;
	if (!drawn || !take) return;
	workbench.edit('Read in a drawing', take(plate, drawn));
	if (others.length > 0) notices.say('A plate takes one drawing: the others are left out.');
}
