import { z } from 'zod';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { patchBy, type Patch } from '$lib/drawing/patch';
import { words } from '$lib/drawing/words';
import { type PlaceInPicture } from '$lib/model/picture';
import { byEye } from '../../by-eye';
import { matchShape, UNSET } from '../../match-state';

const schema = z.strictObject({ name: z.literal('picture-place'), ...matchShape });
type PicturePlace = z.infer<typeof schema>;

interface MadePlace {
	readonly place: PlaceInPicture | null;
	readonly target: Patch;
}

/** The largest box of the picture's form within another, in its middle. */
function fitted({ picture: { width, height } }: PlaceInPicture, box: Box): Box {
	const scale = Math.min(box.width / width, box.height / height);
	const [wide, high] = [width * scale, height * scale];
	return { x: box.x + (box.width - wide) / 2, y: box.y + (box.height - high) / 2, width: wide, height: high };
}

/** How far the angles stand off from what they mark, and how long their sides are. */
const [OFF, SIDE] = [6, 9] as const;

/** Four angles that stand away from a box, light and dark side by side, so that they are seen on any picture. */
function angles(box: Box): Shape[] {
	return ['#ffffff', '#1c1c1c'].flatMap((stroke, out) =>
		[-1, 1].flatMap((across) =>
			[-1, 1].flatMap((down): Shape[] => {
				const x = box.x + box.width / 2 + across * (box.width / 2 + out);
				const y = box.y + box.height / 2 + down * (box.height / 2 + out);
				return [
					{ kind: 'rule', x1: x, y1: y, x2: x - across * Math.min(SIDE, box.width / 3), y2: y, stroke },
					{ kind: 'rule', x1: x, y1: y, x2: x, y2: y - down * Math.min(SIDE, box.height / 3), stroke }
				];
			})
		)
	);
}

/** The picture with angles that stand away from the place. */
function drawPlace(place: PlaceInPicture, box: Box): Shape[] {
	const whole = fitted(place, box);
	const scale = whole.width / place.picture.width;
	const side = Math.max(2, place.size * scale) + 2 * OFF;
	const [x, y] = [whole.x + (place.x + 0.5) * scale, whole.y + (place.y + 0.5) * scale];
	return [
		{ kind: 'image', ...whole, id: place.picture.id, seen: { as: 'itself' } },
		...angles({ x: x - side / 2, y: y - side / 2, width: side, height: side })
	];
}

/** A place in a picture of the study. */
export const picturePlace = byEye<PicturePlace, MadePlace>({
	name: 'picture-place',
	schema,
	words: {
		name: 'A place in a picture',
		says: 'What a small place in a picture really is, among all that surrounds it.'
	},
	heading: 'a place in a picture, and yours',
	decides: {},
	begin: () => ({ name: 'picture-place' }),
	make: (_settings, _linked, { place }) => ({ place, target: patchBy({ text: place?.text ?? UNSET }, []) }),
	regions: ({ made }) => [{ name: 'The place', target: made.target, lit: null }],
	colours: [],
	count: 1,
	layout: 'pair',
	subject: ({ made }, box) =>
		made.place ? drawPlace(made.place, box) : [words(box.x, box.y + 20, 'Choose a place in a picture of the study.')],
	drawn: (_, box, [fill]) => [bar(box, fill!)],
	another: (settings, seed) => ({ ...settings, seed }),
	asks: () => 'Set the field to the colour between the four angles.'
});
