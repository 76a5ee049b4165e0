import { type View } from './view-kinds';

/** What a drawing is made of. Lengths are in plate units; colours are `#rrggbb`, because not every renderer reads more. */
export type Shape =
	| { kind: 'bar'; x: number; y: number; width: number; height: number; fill: string }
	/** Bars of one width that touch, from left to right: many colours as one shape, as numbers 0xrrggbb. */
	| { kind: 'row'; x: number; y: number; width: number; height: number; codes: readonly number[] }
	/**
	 * Many areas as one shape, as SVG path data within a box; `fills` has the colour of each. `seams` are lines of straight pieces, painted
	 * under all areas on screen, each in the colour of its area, so that nothing of the ground shows between two. Areas of cells say how
	 * they are taken away: joined into few outlines, or cell by cell.
	 */
	| {
			kind: 'mosaic';
			x: number;
			y: number;
			width: number;
			height: number;
			paths: readonly string[];
			fills: readonly string[];
			seams?: readonly string[];
			taken?: 'joined' | 'cells';
	  }
	/** A box that runs from colour to colour, from left to right, straight by the codes between two stops; `at` 0–1, rising. */
	| { kind: 'gradient'; x: number; y: number; width: number; height: number; stops: readonly GradientStop[] }
	/** A picture that fills a box. Whoever shows it finds its pixels by `id`, and shows them as they are seen. */
	| { kind: 'image'; x: number; y: number; width: number; height: number; id: string; seen: SeenAs }
	/** A picture of our own making that fills a box: a code 0xrrggbb for each of its pixels, row by row from the top, so many to a row. */
	| { kind: 'raster'; x: number; y: number; width: number; height: number; columns: number; codes: Uint32Array }
	/** Any other outline, filled, as SVG path data. */
	| { kind: 'area'; path: string; fill: string }
	| { kind: 'rule'; x1: number; y1: number; x2: number; y2: number; stroke: string }
	| {
			kind: 'words';
			x: number;
			y: number;
			words: string;
			size: number;
			face: 'serif' | 'sans';
			strong: boolean;
			anchor: 'start' | 'middle' | 'end';
			fill: string;
	  };

/**
 * What a picture is seen through: as it is, by a view or none; in these colours only, each pixel by the nearest, painted in `shown`; or
 * in few values, cut at borders (L*), painted in `shown`. All `#rrggbb`.
 */
export type SeenAs =
	| { readonly as: 'itself'; readonly view?: View }
	| { readonly as: 'colours'; readonly colours: readonly string[]; readonly shown: readonly string[] }
	| { readonly as: 'values'; readonly borders: readonly number[]; readonly shown: readonly string[] };

export interface GradientStop {
	readonly at: number;
	readonly fill: string;
}

/** The shapes of one kind. */
export type Of<Kind extends Shape['kind']> = Extract<Shape, { kind: Kind }>;

/** A drawn plate: the one form from which the screen, thumbnails and files are all made. */
export interface Drawing {
	readonly title: string;
	readonly width: number;
	readonly height: number;
	/** The colour of the sheet. */
	readonly paper: string;
	readonly shapes: readonly Shape[];
}

/** The installed faces first, then the shipped ones, then what any machine has. */
export const FACES = {
	serif: "Newsreader, 'Newsreader Variable', Georgia, serif",
	sans: "Archivo, 'Archivo Variable', Arial, sans-serif"
} as const;

export const weightOf = (shape: Of<'words'>): number => (shape.face === 'serif' ? 500 : shape.strong ? 600 : 400);
