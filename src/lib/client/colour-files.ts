import { writeCgats } from '$lib/core/format/cgats';
import { type NamedColour } from '$lib/core/format/colour-list';
import { type GradationStop } from '$lib/core/scale/gradation';
import { scaleColoursToCss } from '$lib/core/format/css-properties';
import { writeCsv } from '$lib/core/format/csv';
import { scaleColoursToTokens } from '$lib/core/format/design-tokens';
import { writeJsonList } from '$lib/core/format/json-list';
import { download } from './files';

/** Colours as files take them: what they are called together, their codes, and each with a name. */
export interface TakenColours {
	readonly name: string;
	readonly hexes: readonly string[];
	readonly named: readonly NamedColour[];
	/** The unbroken gradation of a scale. */
	readonly run?: readonly GradationStop[];
}

export const cssOf = ({ name, hexes, run }: TakenColours): string => scaleColoursToCss(name, hexes, run);

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
		write: ({ name, hexes }) => scaleColoursToTokens(name, hexes)
	},
	{ label: 'a table (CSV)', ending: 'csv', type: 'text/csv', write: ({ named }) => writeCsv(named) },
	{ label: 'CGATS.17 text', ending: 'txt', type: 'text/plain', write: ({ named }) => writeCgats(named) },
	{ label: 'plain JSON', ending: 'json', type: 'application/json', write: ({ named }) => writeJsonList(named) }
];

export function downloadColours(file: (typeof COLOUR_FILES)[number], colours: TakenColours): void {
	download(`${colours.name}.${file.ending}`, new Blob([file.write(colours)], { type: file.type }));
}
