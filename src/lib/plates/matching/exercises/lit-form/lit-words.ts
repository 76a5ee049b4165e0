import { type LitDegree } from '$lib/core/matching/lit-degrees';
import { type FormName, type Lamp, type LitRegion } from '$lib/core/matching/lit-shares';

/** The regions as drawing teachers name them. */
export const REGION_NAMES: Readonly<Record<LitRegion, string>> = {
	light: 'Light',
	'half-tone': 'Half-tone',
	shadow: 'Shadow',
	reflected: 'Reflected light',
	highlight: 'Highlight',
	background: 'Background'
};

export const FORM_WORDS: Readonly<Record<FormName, string>> = {
	sphere: 'Sphere',
	box: 'Box',
	cone: 'Cone',
	cloth: 'Cloth over a bowl'
};

export const LAMP_WORDS: Readonly<Record<Lamp, string>> = { left: 'lamp at the left', right: 'lamp at the right' };

/** How strong the lights are at each degree: the two regions most alike differ by so many ΔE00. */
export const DEGREE_WORDS: readonly { readonly degree: LitDegree; readonly name: string; readonly says: string }[] = [
	{ degree: 0, name: 'Degree 1: plainly apart', says: 'a strong lamp: every region 9 ΔE00 or more from every other' },
	{ degree: 1, name: 'Degree 2: clearly apart', says: 'the two regions most alike differ by 7 to 9 ΔE00' },
	{ degree: 2, name: 'Degree 3: close', says: 'the two regions most alike differ by 5 to 7 ΔE00' },
	{ degree: 3, name: 'Degree 4: hardly apart', says: 'weak or even lights: two regions differ by 3 to 5 ΔE00 only' }
];

/** What to ask of each region: never what colour it is. */
export const QUESTIONS: Readonly<
	Record<LitRegion, { readonly value: string; readonly chroma: string; readonly hue: string }>
> = {
	light: {
		value: 'Half-close your eyes. How far does it stand over the half-tone, and how far under the highlight?',
		chroma: 'Is it the strongest of the form, or has the lamp taken some of its colour away?',
		hue: 'The lamp falls full on it. Which way does the lamp lean the colour of the object?'
	},
	'half-tone': {
		value: 'Does it lie nearer to the light or nearer to the shadow?',
		chroma: 'Light has less of it here, and the colour is often purest here. Is it?',
		hue: 'Lamp and the light from all round both reach in. Which of the two has more of it?'
	},
	shadow: {
		value: 'Half-close your eyes. Does it stand clear of the half-tone, or do the two run together?',
		chroma: 'Is it as strong as the side in the lamp, or has the dark taken some of the colour?',
		hue: 'The lamp does not reach in here. What does, and which way does it lean the colour?'
	},
	reflected: {
		value: 'It looks lighter than it is beside the shadow. Is it darker than the half-tone all the same?',
		chroma: 'What throws light back brings its own colour. Does it make this one stronger or greyer?',
		hue: 'Look at the background: it lights this region. Which way does it pull?'
	},
	highlight: {
		value: 'It is the lightest place. Is it as light as white, or does it only seem so in its surroundings?',
		chroma: 'A gloss throws the lamp back itself. How much of the object is still in it?',
		hue: 'It leans towards the lamp. Is that the hue of the object at all?'
	},
	background: {
		value: 'Is it lighter or darker than the light side, and than the shadow?',
		chroma: 'Beside a strong object a quiet colour looks greyer than it is. Cover the object and look again.',
		hue: 'Is it really neutral? Look at it through the card with a hole.'
	}
};

/** Of any other subject. */
export const PLAIN_QUESTIONS = {
	value: 'Half-close your eyes. Which of the two is lighter, and by how much?',
	chroma: 'Which of the two is nearer to grey?',
	hue: 'Imagine both much stronger. Would they still be the same hue, or which way would yours lean?'
} as const;
