import { type Triple } from '../colour/vector';
import { readColour } from '../colour/read';

/**
 * The colours of a scale as a design tokens file: the Design Tokens Community Group format (2025.10), with the colour
 * type's object value: colour space, components 0–1, alpha, and the hex code as fallback. Written from memory of the
 * report, with the names of its colour module.
 */
export function scaleColoursToTokens(name: string, hexes: readonly string[]): string {
	const width = String(hexes.length).length;
	const tokens = hexes.map((hex, i) => [
		`step-${String(i + 1).padStart(width, '0')}`,
		{ $value: { colorSpace: 'srgb', components: components(hex), alpha: 1, hex } }
	]);
	const group = { $type: 'color', ...Object.fromEntries(tokens) };
	return `${JSON.stringify({ [name]: group }, null, '\t')}\n`;
}

function components(hex: string): Triple {
	return readColour(hex).channels.map((channel) => Number(channel.toFixed(5))) as Triple;
}
