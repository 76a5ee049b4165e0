import { isPictureFile } from '$lib/client/files';
import { sendPicture } from '$lib/client/pictures';
import { MOST_OF_PICTURE, type PictureRef } from '$lib/model/picture';
import { asLine } from '$lib/model/line';
import { addPlate } from '$lib/model/edit-plates';
import { KIND_NAMES, kindNamed } from '$lib/plates/kinds';
import { notices } from '$lib/ui/notices.svelte';
import { openPlate } from '../index/plate-actions';
import { hasRoomForPlate } from './room';
import { type Workbench } from './workbench.svelte';

/** What is offered where a file is chosen. */
export const READ_AS_PICTURE = 'image/png,image/jpeg,image/webp,image/avif,image/gif,image/tiff';

/** What a picture is called: its file without the ending. Pasted ones have no name of their own. */
function nameOf({ name }: File): string {
	const line = asLine(name.replace(/\.[a-z0-9]{2,5}$/i, '').replace(/[_-]+/g, ' '));
	return line === '' || line.toLowerCase() === 'image' ? 'A picture' : line;
}

const TOO_LARGE = `A picture may take ${MOST_OF_PICTURE / 1e6} megabytes.`;

/**
 * Has a picture kept by the server, and says how far that is; it can be taken back meanwhile. Null where nothing came of it, and why is
 * said.
 */
export async function bringPicture(file: File): Promise<PictureRef | null> {
	if (file.size > MOST_OF_PICTURE) {
		notices.say(`“${file.name}” takes ${(file.size / 1e6).toFixed(0)} megabytes. ${TOO_LARGE}`);
		return null;
	}
	const stop = new AbortController();
	const name = nameOf(file);
	const notice = notices.hold(`Bringing “${name}” …`, { label: 'Stop', run: () => stop.abort() });
	try {
		const { id, width, height, says } = await sendPicture(file, {
			signal: stop.signal,
			onsent: (share) =>
				notice.say(share < 1 ? `Bringing “${name}”: ${Math.round(100 * share)} % sent …` : `Reading “${name}” …`)
		});
		if (says.length > 0) notices.say(`“${name}” is here. ${says.join(' ')}`, { label: 'I see', run: () => undefined });
		return { id, width, height, name };
	} catch (error) {
		if (!stop.signal.aborted) notices.say(`“${file.name}”: ${error instanceof Error ? error.message : 'It failed.'}`);
		return null;
	} finally {
		notice.end();
	}
}

/** What is dropped or pasted as pictures, by what it says it is: what it really is, is found out where it is read. */
export const picturesIn = (data: DataTransfer | null): File[] => [...(data?.files ?? [])].filter(isPictureFile);

/** Brings pictures, each on a plate of its own after the open one. */
export async function bringOnPlates(workbench: Workbench, files: readonly File[]): Promise<void> {
	const begin = KIND_NAMES.map((kind) => kindNamed(kind).pictures?.begin).find((each) => each !== undefined);
	for (const file of files) {
		if (!begin || !hasRoomForPlate(workbench.decided)) return;
		const picture = await bringPicture(file);
		if (!picture || !hasRoomForPlate(workbench.decided)) continue;
		const plate = begin(picture);
		workbench.edit('Bring a picture', addPlate(plate, workbench.plate?.id ?? null));
		openPlate(workbench, plate.id);
	}
}
