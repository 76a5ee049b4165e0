import { FACES, weightOf, type Drawing, type Shape } from './drawing';
import { barsOf, figuresOf } from './bars';
import { inPath } from './rounded';

const ENTITIES: Readonly<Record<string, string>> = {
	'&': '&amp;',
	'<': '&lt;',
	'>': '&gt;',
	'"': '&quot;',
	"'": '&#39;'
};

export const escapeXml = (text: string): string => text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);

type Faces = Readonly<Record<keyof typeof FACES, string>>;

function shapeToSvg(shape: Shape, faces: Faces): string {
	switch (shape.kind) {
		case 'bar':
			return `<rect x="${inPath(shape.x)}" y="${inPath(shape.y)}" width="${inPath(shape.width)}" height="${inPath(shape.height)}" fill="${shape.fill}"/>`;
		case 'row':
			return barsOf(shape)
				.map((bar) => shapeToSvg(bar, faces))
				.join('\n');
		case 'mosaic':
			return figuresOf(shape)
				.map((figure) => shapeToSvg(figure, faces))
				.join('\n');
		case 'area':
			return `<path d="${shape.path}" fill="${shape.fill}" shape-rendering="auto"/>`;
		case 'rule':
			return `<path d="M${inPath(shape.x1)} ${inPath(shape.y1)}L${inPath(shape.x2)} ${inPath(shape.y2)}" stroke="${shape.stroke}" fill="none"/>`;
		case 'words':
			return `<text x="${inPath(shape.x)}" y="${inPath(shape.y)}" font-family="${faces[shape.face]}" font-size="${inPath(shape.size)}" font-weight="${weightOf(shape)}" text-anchor="${shape.anchor}" fill="${shape.fill}">${escapeXml(shape.words)}</text>`;
	}
}

/** A drawing as an SVG 1.1 file. A renderer that knows the faces under other names can say so. */
export function drawingToSvg(drawing: Drawing, faces: Faces = FACES): string {
	const { width, height, paper, title, shapes } = drawing;
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${inPath(width)} ${inPath(height)}" width="${inPath(width)}" height="${inPath(height)}" shape-rendering="crispEdges">`,
		`<title>${escapeXml(title)}</title>`,
		`<rect width="100%" height="100%" fill="${paper}"/>`,
		...shapes.map((shape) => shapeToSvg(shape, faces)),
		'</svg>',
		''
	].join('\n');
}
