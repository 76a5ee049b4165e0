import { type Page } from '@playwright/test';
import { oklch } from 'culori';
import { litForm, LIT_REGIONS, type FormName, type Lamp } from '../src/lib/core/matching/lit-shares';
import { regionColours } from '../src/lib/core/matching/lit-colours';
import { linearToHex } from '../src/lib/core/colour/bytes';
import { toLinear } from '../src/lib/core/colour/colour';
import { readColour } from '../src/lib/core/colour/read';
import { saved } from './pages';

/** The settings of the exercise of the last plate, as the server keeps them. */
export async function settings(page: Page): Promise<Record<string, unknown>> {
	await saved(page);
	const id = new URL(page.url()).pathname.split('/').at(-1);
	const answer = await page.request.get(`/api/studies/${id}`);
	const { document } = (await answer.json()) as {
		document: {
			plates: { title: string; kind: string; place: { text: string } | null; exercise: Record<string, unknown> }[];
		};
	};
	const plate = document.plates.find(({ kind }) => kind === 'matching')!;
	return { ...plate.exercise, place: plate.place?.text };
}

export const textOf = (source: unknown): string => (source as { text: string }).text;
const linear = (source: unknown) => toLinear(readColour(textOf(source)));

interface StoredForm {
	readonly form: FormName;
	readonly lamp: Lamp;
	readonly object: unknown;
	readonly key: unknown;
	readonly ambient: unknown;
	readonly background: unknown;
	readonly gloss: number;
}

/** The true codes of the six regions, from the lights that are stored. */
export async function litTargets(page: Page): Promise<string[]> {
	const { form, lamp, object, key, ambient, background, gloss } = (await settings(page)) as unknown as StoredForm;
	const lighting = {
		object: linear(object),
		key: linear(key),
		ambient: linear(ambient),
		background: linear(background),
		gloss
	};
	const colours = regionColours(lighting, litForm(form, lamp));
	return LIT_REGIONS.map((region) => linearToHex(...colours[region]));
}

/** Where each track of OKLCH ends; it begins at 0. */
const MOST = { Lightness: 100, Chroma: 0.4, Hue: 360 } as const;

/** Sets what is held by clicking along the three tracks, as a hand does that knows where to go. */
export async function setByTracks(page: Page, hex: string): Promise<void> {
	const { l, c, h = 0 } = oklch(hex)!;
	const wanted = { Lightness: 100 * l, Chroma: c, Hue: h } as const;
	for (const name of ['Lightness', 'Chroma', 'Hue'] as const) {
		const box = (await page.getByRole('slider', { name, exact: true }).boundingBox())!;
		// The middle of the thumb goes from half its breadth to as much before the other end.
		const THUMB = 7;
		const share = wanted[name] / MOST[name];
		await page.mouse.click(box.x + THUMB / 2 + share * (box.width - THUMB), box.y + box.height / 2);
	}
}

export const chips = (page: Page) => page.getByRole('group', { name: 'Colours of the plate' }).getByRole('button');
export const check = (page: Page) => page.getByRole('button', { name: 'Check', exact: true }).click();
/** The words that are drawn on the plate. */
export const plate = (page: Page) => page.locator('.surface svg[viewBox="0 0 792 560"]');
export const readings = (page: Page) => page.getByRole('region', { name: 'Readings' });
