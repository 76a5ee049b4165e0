import { escapeXml } from '$lib/core/format/escape-xml';
import { FACES, weightOf, type Drawing, type Of, type Shape } from './drawing';
import { barsOf, figuresOf } from './bars';
import { type Box } from './box';
import { rasterAddress } from './raster-png';
import { inPath } from './rounded';

type Faces = Readonly<Record<keyof typeof FACES, string>>;

/** A gradient as what stands in its group: its stops under an id that is its own in the document, and the box that they fill. */
export function gradientMarkup({ x, y, width, height, stops }: Of<'gradient'>, id: string): string {
	const [left, right] = [inPath(x), inPath(x + width)];
	return [
		`<linearGradient id="${id}" gradientUnits="userSpaceOnUse" x1="${left}" y1="0" x2="${right}" y2="0">`,
		...stops.map(({ at, fill }) => `<stop offset="${Number(at.toFixed(6))}" stop-color="${fill}"/>`),
		'</linearGradient>',
		`<rect x="${left}" y="${inPath(y)}" width="${inPath(width)}" height="${inPath(height)}" fill="url(#${id})"/>`
	].join('');
}

/** The address or the data of what a picture shows; null where it is not at hand. */
export type PictureSource = (shape: Of<'image'>) => string | null;

/** A picture, or the sheet with a cross where it is not at hand. */
function pictureToSvg(shape: Box, href: string | null): string {
	const [x, y, width, height] = [shape.x, shape.y, shape.width, shape.height].map(inPath);
	if (href === null)
		return `<path d="M${x} ${y}h${width}v${height}h-${width}zl${width} ${height}m0 -${height}l-${width} ${height}" stroke="#7a7a7a" fill="none"/>`;
	return `<image x="${x}" y="${y}" width="${width}" height="${height}" preserveAspectRatio="none" href="${escapeXml(href)}"/>`;
}

interface Writing {
	readonly faces: Faces;
	readonly sourceOf: PictureSource;
}

function shapeToSvg(shape: Shape, writing: Writing, number = 0): string {
	const { faces, sourceOf } = writing;
	switch (shape.kind) {
		case 'image':
			return pictureToSvg(shape, sourceOf(shape));
		case 'raster':
			return pictureToSvg(shape, rasterAddress(shape));
		case 'bar':
			return `<rect x="${inPath(shape.x)}" y="${inPath(shape.y)}" width="${inPath(shape.width)}" height="${inPath(shape.height)}" fill="${shape.fill}"/>`;
		case 'row':
			return barsOf(shape)
				.map((bar) => shapeToSvg(bar, writing))
				.join('\n');
		case 'mosaic':
			return figuresOf(shape)
				.map((figure) => shapeToSvg(figure, writing))
				.join('\n');
		case 'gradient':
			return `<g>${gradientMarkup(shape, `gradient-${number}`)}</g>`;
		case 'area':
			return `<path d="${shape.path}" fill="${shape.fill}" shape-rendering="auto"/>`;
		case 'rule':
			return `<path d="M${inPath(shape.x1)} ${inPath(shape.y1)}L${inPath(shape.x2)} ${inPath(shape.y2)}" stroke="${shape.stroke}" fill="none"/>`;
		case 'words':
			return `<text x="${inPath(shape.x)}" y="${inPath(shape.y)}" font-family="${faces[shape.face]}" font-size="${inPath(shape.size)}" font-weight="${weightOf(shape)}" text-anchor="${shape.anchor}" fill="${shape.fill}">${escapeXml(shape.words)}</text>`;
	}
}

/** A drawing as an SVG 1.1 file. A renderer that knows the faces under other names can say so. */
export function drawingToSvg(drawing: Drawing, faces: Faces = FACES, sourceOf: PictureSource = () => null): string {
	const { width, height, paper, title, shapes } = drawing;
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${inPath(width)} ${inPath(height)}" width="${inPath(width)}" height="${inPath(height)}" shape-rendering="crispEdges">`,
		`<title>${escapeXml(title)}</title>`,
		`<rect width="100%" height="100%" fill="${paper}"/>`,
		...shapes.map((shape, number) => shapeToSvg(shape, { faces, sourceOf }, number)),
		'</svg>',
		''
	].join('\n');
}
