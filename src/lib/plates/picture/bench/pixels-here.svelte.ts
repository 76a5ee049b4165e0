import { pixelsOf } from '$lib/client/pictures';
import { type Pixels } from '$lib/core/picture/square';

/** The pixels of pictures that are open, for what must answer a hand at once. */
interface Here {
	readonly id: string;
	readonly pixels: Pixels | null;
	/** Why there are none. */
	readonly missing: string | null;
}

/** As many as plates can stand side by side. */
const MOST = 2;

let here = $state.raw<readonly Here[]>([]);

const put = (next: Here): void => {
	here = [...here.filter(({ id }) => id !== next.id), next].slice(-MOST);
};

/** Has the pixels of a picture brought, where they are not here yet. */
export function openPixels(id: string): void {
	if (here.some((each) => each.id === id && each.missing === null)) return;
	put({ id, pixels: null, missing: null });
	pixelsOf(id).then(
		(pixels) => put({ id, pixels, missing: null }),
		(error: unknown) => {
			const gone = error instanceof Error && error.message === 'missing';
			put({ id, pixels: null, missing: gone ? 'The picture is not here any more.' : 'The picture did not arrive.' });
		}
	);
}

/** The pixels of a picture; null until they are here. */
export const pixelsHere = (id: string): Pixels | null => here.find((each) => each.id === id)?.pixels ?? null;

/** Why a picture cannot be shown; null where it can. */
export const missingHere = (id: string): string | null => here.find((each) => each.id === id)?.missing ?? null;
