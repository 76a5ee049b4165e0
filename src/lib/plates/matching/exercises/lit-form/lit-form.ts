import { z } from 'zod';
import { drawnLighting, type LitDegree } from '$lib/core/matching/lit-degrees';
import { regionColours, type Lighting } from '$lib/core/matching/lit-colours';
import {
	FINE_HEIGHT,
	FINE_WIDTH,
	FORMS,
	LAMPS,
	litForm as formOf,
	LIT_REGIONS,
	type LitForm as Geometry
} from '$lib/core/matching/lit-shares';
import { hexToNumber } from '$lib/core/colour/code-number';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { colourSourceSchema } from '$lib/model/colour-text';
import { sameSource } from '$lib/model/sources';
import { decided, decidedColour } from '../../../decision';
import { byEye } from '../../by-eye';
import { ownColour } from '../../drawn-colours';
import { matchShape } from '../../match-state';
import { pictureOf, regionsIn } from './lit-rasters';
import { REGION_NAMES } from './lit-words';

export const MOST_GLOSS = 1.2;
const degrees = z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);

const schema = z.strictObject({
	name: z.literal('lit-form'),
	...matchShape,
	form: z.enum(FORMS),
	lamp: z.enum(LAMPS),
	/** How hard it was drawn; null where lights and object were set by hand. */
	degree: degrees.nullable(),
	object: colourSourceSchema,
	key: colourSourceSchema,
	ambient: colourSourceSchema,
	background: colourSourceSchema,
	gloss: z.number().min(0).max(MOST_GLOSS)
});
export type LitForm = z.infer<typeof schema>;

/** A lit form with its lights and its regions' colours. */
interface MadeForm {
	readonly geometry: Geometry;
	readonly lighting: Lighting;
	readonly targets: readonly Patch[];
}

/** The same form with other lights and colours, drawn at a degree. */
export function drawnForm(settings: LitForm, degree: LitDegree, seed: number): LitForm {
	const { gloss, ...lights } = drawnLighting(formOf(settings.form, 'left'), degree, seed);
	return {
		...settings,
		degree,
		seed,
		object: ownColour(lights.object),
		key: ownColour(lights.key),
		ambient: ownColour(lights.ambient),
		background: ownColour(lights.background),
		gloss: Math.round(100 * gloss) / 100
	};
}

const PARTS = [
	{ key: 'object', name: 'Object', note: 'its own colour' },
	{ key: 'key', name: 'Lamp', note: 'the light from one side' },
	{ key: 'ambient', name: 'Light from all round', note: 'the sky, or the room' },
	{ key: 'background', name: 'Background', note: 'throws its colour back too' }
] as const;

/** A form in the light, in six regions. */
export const litForm = byEye<LitForm, MadeForm>({
	name: 'lit-form',
	schema,
	words: {
		name: 'A lit form',
		says: 'Light, half-tone, shadow, reflected light, highlight and background, each seen for itself.',
		source: 'Lambert, Photometria, 1760, and Phong, 1975, for how the form is lit'
	},
	heading: 'the subject, and your drawing of it in six colours',
	decides: {
		form: decided('form', 'the form'),
		lamp: decided('lamp', 'the side of the lamp'),
		degree: decided('degree', 'how hard it is'),
		object: decidedColour('subject.object', 'the colour of the object'),
		key: decidedColour('subject.key', 'the light of the lamp'),
		ambient: decidedColour('subject.ambient', 'the light around'),
		background: decidedColour('subject.background', 'the background'),
		gloss: decided('gloss', 'the gloss')
	},
	heavy: true,
	begin: () => ({
		name: 'lit-form',
		form: 'sphere',
		lamp: 'left',
		degree: 1,
		object: { text: '#b3392b' },
		key: { text: '#fff0d8' },
		ambient: { text: '#4a5468' },
		background: { text: '#8d8a5b' },
		gloss: 0.5
	}),
	make: ({ form, lamp, object, key, ambient, background, gloss }, linked) => {
		const geometry = formOf(form, lamp);
		const [own, light, sky, wall] = [object, key, ambient, background].map((each) => patchBy(each, linked).linear);
		const lighting: Lighting = { object: own!, key: light!, ambient: sky!, background: wall!, gloss };
		const colours = regionColours(lighting, geometry);
		return { geometry, lighting, targets: LIT_REGIONS.map((region) => patchOf(colours[region])) };
	},
	lighting: ({ lighting }) => lighting,
	regions: ({ made }) => LIT_REGIONS.map((lit, i) => ({ name: REGION_NAMES[lit], target: made.targets[i]!, lit })),
	colours: PARTS.map(({ key, name, note }) => ({
		key,
		name,
		note,
		of: (settings: LitForm) => settings[key],
		// What is set by hand is of no degree any more.
		put: (settings: LitForm, source) =>
			sameSource(settings[key], source) ? settings : { ...settings, degree: null, [key]: source }
	})),
	count: LIT_REGIONS.length,
	layout: 'pair',
	subject: ({ made }, box) => [pictureOf(made.lighting, made.geometry, box)],
	drawn: ({ made }, box, fills) => [regionsIn(made.geometry, fills.map(hexToNumber), box)],
	pick: ({ made }, across, down) => {
		const [column, row] = [Math.floor(across * FINE_WIDTH), Math.floor(down * FINE_HEIGHT)];
		return column < 0 || row < 0 || column >= FINE_WIDTH || row >= FINE_HEIGHT
			? null
			: (made.geometry.regions[row * FINE_WIDTH + column] ?? null);
	},
	another: (settings, seed) => drawnForm(settings, settings.degree ?? 1, seed),
	asks: () => 'Set the regions in any order and come back to any of them. Nothing is timed.'
});
