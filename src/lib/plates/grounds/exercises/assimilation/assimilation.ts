import { z } from 'zod';
import { holds } from '$lib/core/remark';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { words } from '$lib/drawing/words';
import { decided, LOOKED_AT } from '../../../decision';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { GROUND_BOXES, placesOfFigures, placesOfGrounds } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { bothGrounds } from '../../seen';

const schema = z.strictObject({
	name: z.literal('assimilation'),
	/** Width of the finest lines, in plate units. */
	line: z.number().min(1).max(30),
	/** A bar of the colour between the lines, through both patterns. */
	strip: z.boolean()
});
export type Assimilation = z.infer<typeof schema>;

type Made = ReturnType<typeof bothGrounds>;

const WIDTHS = [
	{ times: 1, name: 'fine lines' },
	{ times: 2.2, name: 'broader' },
	{ times: 5, name: 'broad lines' }
] as const;
const PATTERN = { top: 72, height: 186, apart: 198 } as const;
/** About as wide as a strip is. */
const STRIP = 22;

/**
 * One colour between lines of two others, in patterns of three widths: in fine lines it draws near to them, in broad ones it parts
 * from them. The proof strip is that colour, through both patterns of a width.
 */
function draw({ line, strip }: Assimilation, { grounds, figure }: Made): Shape[] {
	const width = (PLATE_WIDTH - 56 - 2 * 16) / WIDTHS.length;
	const { top, height, apart } = PATTERN;
	return WIDTHS.flatMap(({ times, name }, i): Shape[] => {
		const x = 28 + i * (width + 16);
		const count = Math.max(2, Math.round(width / (2 * line * times)));
		const each = width / count / 2;
		const patterns = grounds.flatMap((lines, half): Shape[] => {
			const y = top + half * apart;
			return [
				bar({ x, y, width, height }, figure.hex),
				...Array.from({ length: count }, (_, n) => bar({ x: x + 2 * n * each, y, width: each, height }, lines.hex))
			];
		});
		// Over whole lines, so that it ends where the colour between them goes on.
		const covered = Math.min(count, Math.max(1, Math.round((STRIP / each + 1) / 2)));
		const from = x + 2 * each * Math.floor((count - covered) / 2);
		const proof = bar({ x: from, y: top, width: (2 * covered - 1) * each, height: apart + height }, figure.hex);
		const label = words(x + width / 2, top + apart + height + 18, name, { anchor: 'middle' });
		return [...patterns, ...(strip ? [proof] : []), label];
	});
}

/** One colour between fine and broad lines of two others. */
export const assimilation: GroundExercise<Assimilation, Made> = {
	name: 'assimilation',
	schema,
	words: {
		name: 'Assimilation',
		says: 'In fine lines colours draw together; as the lines grow broader they part and contrast.',
		source: 'Wilhelm von Bezold, 1874'
	},
	heading: 'assimilation',
	decides: { line: decided('line', 'the width of the finest lines'), strip: LOOKED_AT },
	fields: [],
	begin: () => ({ name: 'assimilation', line: 3, strip: false }),
	make: (common, _, linked) => bothGrounds(common, linked),
	draw: ({ settings, made }) => draw(settings, made),
	places: (common) => [...placesOfGrounds(GROUND_BOXES), ...placesOfFigures(common, GROUND_BOXES)],
	colours: ({ made: { grounds, figure } }) => [...namedGrounds(grounds), { name: 'Figure', hex: figure.hex }],
	preview: ({ common, linked }) => codesOfPair(common, linked),
	reveals: (settings) => [
		{ settings: { ...settings, strip: false }, says: 'is it one colour between the lines?' },
		{ settings: { ...settings, strip: true }, says: 'with the proof strip' }
	],
	remarks: () => [holds('ask', 'Look at the finest pattern from far, at the broadest from near.')]
};
