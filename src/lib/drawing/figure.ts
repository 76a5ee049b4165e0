import { inPath } from './rounded';
import { type Box } from './box';

/** The forms of figures that lie on a ground or over each other. */
export const FIGURE_FORMS = ['squares', 'circles', 'bars', 'leaves'] as const;
export type FigureForm = (typeof FIGURE_FORMS)[number];

/** What people read for each form. */
export const FIGURE_WORDS: Readonly<Record<FigureForm, string>> = {
	squares: 'squares',
	circles: 'circles',
	bars: 'bars',
	leaves: 'leaves'
};

/** A figure in its box as an outline. */
export function outlineOf(figure: FigureForm, { x, y, width, height }: Box): string {
	switch (figure) {
		case 'bars':
		case 'squares':
			return `M${inPath(x)} ${inPath(y)}h${inPath(width)}v${inPath(height)}h${inPath(-width)}z`;
		case 'circles': {
			const r = inPath(width / 2);
			return `M${inPath(x)} ${inPath(y + height / 2)}a${r} ${r} 0 1 1 ${inPath(width)} 0a${r} ${r} 0 1 1 ${inPath(-width)} 0z`;
		}
		case 'leaves': {
			const { radius } = leafArc({ width, height });
			const r = inPath(radius);
			return `M${inPath(x + width / 2)} ${inPath(y)}A${r} ${r} 0 0 1 ${inPath(x + width / 2)} ${inPath(y + height)}A${r} ${r} 0 0 1 ${inPath(x + width / 2)} ${inPath(y)}z`;
		}
	}
}

/** A leaf is where two discs cross; their radius follows from its width and height. */
export const leafArc = ({ width, height }: { width: number; height: number }) => ({
	radius: (width * width + height * height) / (4 * width)
});
