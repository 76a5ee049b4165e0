import { type GradationStop } from '../scale/gradation';

/**
 * The colours of a scale as CSS custom properties on :root, numbered from 1 with even width so that they sort.
 * The unbroken gradation, where there
 * is one, stands beside them as a gradient. `name` must already be a CSS identifier part: small letters, digits and hyphens.
 */
export function scaleColoursToCss(name: string, hexes: readonly string[], run: readonly GradationStop[] = []): string {
	const width = String(hexes.length).length;
	const lines = hexes.map((hex, i) => `\t--${name}-${String(i + 1).padStart(width, '0')}: ${hex};`);
	if (run.length > 0) lines.push(`\t--${name}-gradation: ${gradationToCss(run)};`);
	return `:root {\n${lines.join('\n')}\n}\n`;
}

/** An unbroken gradation as a CSS gradient (CSS Images 4), mixed by the codes as its stops are made for. */
export function gradationToCss(run: readonly GradationStop[]): string {
	const stops = run.map(({ at, hex }) => `${hex} ${Number((100 * at).toFixed(3))}%`);
	return `linear-gradient(to right in srgb, ${stops.join(', ')})`;
}
