import { FACES, weightOf, type Drawing, type Shape } from './drawing';
import { barsOf, figuresOf } from './bars';

const ENTITIES: Readonly<Record<string, string>> = {
	'&': '&amp;',
	'<': '&lt;',
	'>': '&gt;',
	'"': '&quot;',
	"'": '&#39;'
};

export const escapeXml = (text: string): string => text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);

const length = (value: number): string => String(Math.round(value * 1000) / 1000);

type Faces = Readonly<Record<keyof typeof FACES, string>>;

function shapeToSvg(shape: Shape, faces: Faces): string {
	switch (shape.kind) {
		case 'bar':
			return `<rect x="${length(shape.x)}" y="${length(shape.y)}" width="${length(shape.width)}" height="${length(shape.height)}" fill="${shape.fill}"/>`;
		case 'row':
			return barsOf(shape)
				.map((bar) => shapeToSvg(bar, faces))
				.join('\n');
		case 'mosaic':
			return figuresOf(shape)
				.map((figure) => shapeToSvg(figure, faces))
				.join('\n');
		case 'figure':
			return `<path d="${shape.path}" fill="${shape.fill}" shape-rendering="auto"/>`;
		case 'rule':
			return `<path d="M${length(shape.x1)} ${length(shape.y1)}L${length(shape.x2)} ${length(shape.y2)}" stroke="${shape.stroke}" fill="none"/>`;
		case 'words':
			return `<text x="${length(shape.x)}" y="${length(shape.y)}" font-family="${faces[shape.face]}" font-size="${length(shape.size)}" font-weight="${weightOf(shape)}" text-anchor="${shape.anchor}" fill="${shape.fill}">${escapeXml(shape.words)}</text>`;
	}
}

/** A drawing as an SVG 1.1 file. A renderer that knows the faces under other names can say so. */
export function drawingToSvg(drawing: Drawing, faces: Faces = FACES): string {
	const { width, height, ground, title, shapes } = drawing;
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${length(width)} ${length(height)}" width="${length(width)}" height="${length(height)}" shape-rendering="crispEdges">`,
		`<title>${escapeXml(title)}</title>`,
		`<rect width="100%" height="100%" fill="${ground}"/>`,
		...shapes.map((shape) => shapeToSvg(shape, faces)),
		'</svg>',
		''
	].join('\n');
}
