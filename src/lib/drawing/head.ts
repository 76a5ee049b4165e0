import { type Shape } from './drawing';
import { PLATE_WIDTH } from './plate-size';
import { INK, shortened, words } from './words';

const MARGIN = 28;

/** The head of a plate: its title, and a note at the other side where there is room for it. */
export function header(title: string, note: string): Shape[] {
	const room = 720 - note.length * 5.7;
	const size = Math.max(12, Math.min(25, room / (title.length * 0.47)));
	const shapes = [words(MARGIN, 42, title, { face: 'serif', size, fill: INK })];
	if (note !== '' && title.length * size * 0.47 < room + 60)
		shapes.push(words(PLATE_WIDTH - 26, 42, note, { anchor: 'end' }));
	return shapes;
}

/** A line in two where it is too long for the room beside the colours. */
export function wrapped(line: string, most: number): string[] {
	if (line.length <= most) return [line];
	const at = line.lastIndexOf(' ', most);
	return at <= 0 ? [shortened(line, most)] : [line.slice(0, at), shortened(line.slice(at + 1), most)];
}
