import { writeCgats } from '$lib/core/format/cgats';
import { readColour } from '$lib/core/colour/read';
import { show } from '$lib/core/colour/shown';
import { type NamedColour } from '$lib/core/format/colour-list';
import { type GradationStop } from '$lib/core/scale/gradation';
import { coloursToCss } from '$lib/core/format/css-properties';
import { writeCsv } from '$lib/core/format/csv';
import { coloursToTokens } from '$lib/core/format/design-tokens';
import { writeJsonList } from '$lib/core/format/json-list';
import { download } from './files';

/** Colours as files take them: what they are called together, and each with a name. */
export interface TakenColours {
	readonly name: string;
	readonly named: readonly NamedColour[];
	/** The unbroken gradation of a scale. */
	readonly run?: readonly GradationStop[];
}

/** Codes as every reader takes them, whatever syntax they were given in. */
const inHex = (named: readonly NamedColour[]): NamedColour[] =>
	named.map(({ name, text }) => ({ name, text: show(readColour(text)).hex }));

export const cssOf = ({ name, named, run }: TakenColours): string => coloursToCss(name, inHex(named), run);

/** The files that colours can be taken away in: what people read, the ending, and how it is written. */
export const COLOUR_FILES: readonly {
	readonly label: string;
	readonly ending: string;
	readonly type: string;
	readonly write: (colours: TakenColours) => string;
}[] = [
	{
		label: 'CSS properties',
		ending: 'css',
		type: 'text/css',
		write: cssOf
	},
	{
		label: 'design tokens',
		ending: 'tokens.json',
		type: 'application/json',
		write: ({ name, named }) => coloursToTokens(name, inHex(named))
	},
	{ label: 'a table (CSV)', ending: 'csv', type: 'text/csv', write: ({ named }) => writeCsv(named) },
	{ label: 'CGATS.17 text', ending: 'txt', type: 'text/plain', write: ({ named }) => writeCgats(named) },
	{ label: 'plain JSON', ending: 'json', type: 'application/json', write: ({ named }) => writeJsonList(named) }
];

export function downloadColours(file: (typeof COLOUR_FILES)[number], colours: TakenColours): void {
	download(`${colours.name}.${file.ending}`, new Blob([file.write(colours)], { type: file.type }));
}
