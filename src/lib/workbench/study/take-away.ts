import { reasonOf, UNREACHABLE } from '$lib/client/reason';
import { scaleColoursToCss } from '$lib/core/format/css-properties';
import { scaleColoursToTokens } from '$lib/core/format/design-tokens';
import { drawPlate } from '$lib/drawing/draw-plate';
import { drawingToSvg } from '$lib/drawing/svg';
import { scaleOf } from '$lib/drawing/resolve';
import { type Plate } from '$lib/model/plate';
import { type ScaleDecision } from '$lib/model/scale';
import { type LinkedColour } from '$lib/model/study';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { wayOf } from '$lib/drawing/draw-scales';

/** Small letters, digits and hyphens: what every file system and every stylesheet takes. */
export function plainName(text: string): string {
	const plain = text
		.normalize('NFKD')
		.replace(/\p{Diacritic}/gu, '')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '');
	return plain === '' ? 'untitled' : plain.slice(0, 60);
}

/** Hands a file to the browser to keep. */
function download(name: string, content: Blob): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(content);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

const SHARP = 2;

export function downloadSvg(plate: Plate, linked: readonly LinkedColour[]): void {
	const svg = drawingToSvg(drawPlate(plate, linked, 'full'));
	download(`${plainName(plate.title)}.svg`, new Blob([svg], { type: 'image/svg+xml' }));
}

/** The plate as PNG, twice as fine as on a plain screen, drawn by the server. Says in words what went wrong. */
export async function downloadPng(plate: Plate, linked: readonly LinkedColour[]): Promise<string | null> {
	const width = drawPlate(plate, linked, 'full').width * SHARP;
	try {
		const response = await fetch('/api/pictures', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ plate, linked, width })
		});
		if (!response.ok) return await reasonOf(response);
		download(`${plainName(plate.title)}.png`, await response.blob());
		return null;
	} catch {
		return `${UNREACHABLE} It makes the pictures; SVG needs no server.`;
	}
}

/** A scale's colours with the name that files give them: "tints-madder-to-white". */
function namedColours(scale: ScaleDecision, linked: readonly LinkedColour[]) {
	const name = plainName(`${RECIPE_WORDS[scale.recipe].name} ${wayOf(scale, linked)}`);
	return { name, hexes: scaleOf(scale, linked).steps.map(({ hex }) => hex) };
}

export function cssOf(scale: ScaleDecision, linked: readonly LinkedColour[]): string {
	const { name, hexes } = namedColours(scale, linked);
	return scaleColoursToCss(name, hexes);
}

export function downloadCss(scale: ScaleDecision, linked: readonly LinkedColour[]): void {
	const { name } = namedColours(scale, linked);
	download(`${name}.css`, new Blob([cssOf(scale, linked)], { type: 'text/css' }));
}

export function downloadTokens(scale: ScaleDecision, linked: readonly LinkedColour[]): void {
	const { name, hexes } = namedColours(scale, linked);
	download(`${name}.tokens.json`, new Blob([scaleColoursToTokens(name, hexes)], { type: 'application/json' }));
}
