import { rasterAddress } from '../../src/lib/drawing/raster-png';
import { seeded } from '../../src/lib/core/seeded';
import { briefOf } from '../../src/lib/study/brief/brief';
import { emptyTerms } from '../../src/lib/study/brief/terms';
import { takenUp } from '../../src/lib/study/brief/take-up';
import { handInOf, type HandIn } from '../../src/lib/study/handed/hand-in';
import { newStudy } from '../../src/lib/study/new-study';

export const BRIEF_OF_TESTS = briefOf({
	...newStudy('Four intervals', '2026-11-02'),
	brief: emptyTerms('briefoftests')
})!;

/** A raster of noise, which no packing makes smaller: its PNG carries about four letters a pixel. */
function noise(pixels: number, seed: number): string {
	const next = seeded(seed);
	const columns = Math.round(Math.sqrt(pixels));
	const codes = Uint32Array.from({ length: columns * columns }, () => Math.floor(next() * 0x1000000));
	return rasterAddress({ kind: 'raster', x: 0, y: 0, width: 300, height: 300, columns, codes });
}

/** A hand-in of the brief of tests. */
export const smallHandIn = (id: string, maker: string): HandIn =>
	handInOf(takenUp(BRIEF_OF_TESTS, { maker, date: '' }), { id, at: '2026-11-15T10:10:00.000Z', pictures: {} })!;

/** A hand-in as large as is wanted: so many millions of letters of pictures on its plate, and of pictures that it carries along. */
export function largeHandIn(id: string, maker: string, { drawn, carried }: { drawn: number; carried: number }): HandIn {
	const handIn = smallHandIn(id, maker);
	const [first, ...others] = handIn.drawings;
	// No raster may take more than eight million letters.
	const rasters = Array.from({ length: Math.ceil(drawn / 7) }, (_, i) =>
		noise((250_000 * drawn) / Math.ceil(drawn / 7), i + 1)
	);
	const shapes = rasters.map((png, i) => ({ kind: 'raster' as const, x: 40 * i, y: 40, width: 300, height: 300, png }));
	const pictures: Record<string, string> = carried > 0 ? { picturetests: noise(250_000 * carried, 99) } : {};
	return { ...handIn, drawings: [{ ...first!, shapes: [...first!.shapes, ...shapes] }, ...others], pictures };
}
