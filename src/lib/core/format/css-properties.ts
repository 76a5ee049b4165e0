import { type GradationStop } from '../scale/gradation';
import { type NamedColour } from './colour-list';
import { propertyNames } from './property-names';

/** A name as a comment, which nothing in it can end. */
const comment = (name: string | null): string => (name ? ` /* ${name.replaceAll('*/', '* /')} */` : '');

/**
 * Colours as CSS custom properties on :root, each under its own name or its number, with the name as it was given beside it. The
 * unbroken gradation, where there is one, stands after them as a gradient. `name` must already be a CSS identifier part: small letters,
 * digits and hyphens.
 */
export function coloursToCss(
	name: string,
	colours: readonly NamedColour[],
	run: readonly GradationStop[] = []
): string {
	const names = propertyNames(colours);
	const lines = colours.map(({ name: given, text }, i) => `\t--${name}-${names[i]}: ${text};${comment(given)}`);
	if (run.length > 0) lines.push(`\t--${name}-gradation: ${gradationToCss(run)};`);
	return `:root {\n${lines.join('\n')}\n}\n`;
}

/** An unbroken gradation as a CSS gradient (CSS Images 4), mixed by the codes as its stops are made for. */
export function gradationToCss(run: readonly GradationStop[]): string {
	const stops = run.map(({ at, hex }) => `${hex} ${Number((100 * at).toFixed(3))}%`);
	return `linear-gradient(to right in srgb, ${stops.join(', ')})`;
}
