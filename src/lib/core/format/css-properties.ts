/**
 * The colours of a scale as CSS custom properties on :root, numbered from 1 with even width so that they sort.
 * `name` must already be a CSS identifier part: small letters, digits and hyphens.
 */
export function scaleColoursToCss(name: string, hexes: readonly string[]): string {
	const width = String(hexes.length).length;
	const lines = hexes.map((hex, i) => `\t--${name}-${String(i + 1).padStart(width, '0')}: ${hex};`);
	return `:root {\n${lines.join('\n')}\n}\n`;
}
