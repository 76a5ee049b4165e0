import { pixelsOf } from '$lib/client/pictures';
import { type Pixels } from '$lib/core/picture/square';
import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** The pixels of pictures that are open, for what must answer a hand at once. */
interface Here {
	readonly id: string;
	readonly pixels: Pixels | null;
	/** Why there are none. */
	readonly missing: string | null;
}

/** As many as plates can stand side by side. */
const MOST = 2;

class Pictures {
	private here = $state.raw<readonly Here[]>([]);

	private put(next: Here): void {
		this.here = [...this.here.filter(({ id }) => id !== next.id), next].slice(-MOST);
	}

	/** Has the pixels of a picture brought, where they are not here yet. */
	open(id: string): void {
		if (this.here.some((each) => each.id === id && each.missing === null)) return;
		this.put({ id, pixels: null, missing: null });
		pixelsOf(id).then(
			(pixels) => this.put({ id, pixels, missing: null }),
			(error: unknown) => {
				const gone = error instanceof Error && error.message === 'missing';
				const missing = gone ? 'The picture is not here any more.' : 'The picture did not arrive.';
				this.put({ id, pixels: null, missing });
			}
		);
	}

	/** The pixels of a picture; null until they are here. */
	pixels(id: string): Pixels | null {
		return this.here.find((each) => each.id === id)?.pixels ?? null;
	}

	/** Why a picture cannot be shown; null where it can. */
	missing(id: string): string | null {
		return this.here.find((each) => each.id === id)?.missing ?? null;
	}
}

export const picturesOf = perWorkbench(() => new Pictures());
