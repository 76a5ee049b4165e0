import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { sayDay } from '$lib/drawing/say-day';
import { shortened, words } from '$lib/drawing/words';
import { describePlate } from '$lib/plates/draw-plate';
import { sayProgress } from '$lib/study/brief/progress';
import { type HandIn } from '$lib/study/handed/hand-in';
import { type GivenBack } from '$lib/study/handed/returned';
import { thawed } from '$lib/study/handed/stored-drawing';
import { briefPages } from './brief-page';
import { type Page } from './sheets';
import { within } from './within';

/** A hand-in as it is printed, with what was given back with it, where that is wanted. */
export interface PrintedHandIn {
	readonly handIn: HandIn;
	readonly given: GivenBack | null;
}

const held = ({ asked }: HandIn): string => (asked.length === 0 ? 'no checks' : sayProgress(asked));

/** The reflection and the notes of a hand-in, as a text. */
function textOf({ handIn: { study }, given }: PrintedHandIn): string {
	const placeOf = (plate: string | null): string => {
		const index = study.plates.findIndex(({ id }) => id === plate);
		return index < 0 ? 'On the whole' : `On plate ${index + 1}`;
	};
	const notes = (given?.notes ?? []).map(
		({ plate, at, text }, i) => `${i + 1}. ${placeOf(plate)}${at?.name ? `, at ${at.name}` : ''}: ${text}`
	);
	return [
		...(study.reflection ? ['## Reflection', study.reflection] : []),
		...(notes.length > 0 ? ['## Notes', ...notes] : [])
	].join('\n\n');
}

/** Hand-ins one after the other: what each answered and came to, what was written, and every plate as it was handed in. */
export function* portfolioPages(handIns: readonly PrintedHandIn[]): Generator<Page> {
	for (const printed of handIns) {
		const { handIn, given } = printed;
		const facts = [
			`${handIn.maker}, handed in on ${sayDay(handIn.at)}: ${held(handIn)}`,
			...(given?.mark ? [`Mark: ${given.mark}`] : [])
		];
		const text = textOf(printed);
		for (const drawing of briefPages({ title: handIn.brief.title, text, facts, keep: [] }))
			yield { drawing, says: () => text, codes: [] };
		for (const [i, drawing] of handIn.drawings.entries()) {
			const plate = handIn.study.plates[i]!;
			yield { drawing: thawed(drawing), says: () => describePlate(plate, handIn.study.linked), codes: [] };
		}
	}
}

const COLUMNS = 4;
const ROWS = 3;
const GAP = 16;
const [LEFT, TOP] = [28, 60] as const;
const UNDER = 30;
const INK = '#1c1c1c';

/** The wall on paper, twelve sheets a page: one plate of each, by its place in the hand-in, with maker and checks. */
export function* wallPages(
	title: string,
	sheets: readonly { readonly handIn: HandIn; readonly plate: number }[]
): Generator<Page> {
	const width = (PLATE_WIDTH - 2 * LEFT - (COLUMNS - 1) * GAP) / COLUMNS;
	const height = (PLATE_HEIGHT - TOP - ROWS * UNDER - LEFT / 2) / ROWS;
	for (let from = 0; from < sheets.length; from += COLUMNS * ROWS) {
		const some = sheets.slice(from, from + COLUMNS * ROWS);
		const shapes = some.flatMap(({ handIn, plate }, i): Shape[] => {
			const x = LEFT + (i % COLUMNS) * (width + GAP);
			const y = TOP + Math.floor(i / COLUMNS) * (height + UNDER);
			const stored = handIn.drawings[plate];
			return [
				...(stored ? within(thawed(stored), { x, y, width, height }) : []),
				words(x, y + height + 12, shortened(handIn.maker, 26), { size: 10, fill: INK }),
				words(x + width, y + height + 12, held(handIn), { size: 9, anchor: 'end', fill: '#5f5f5f' })
			];
		});
		const head = words(LEFT, 42, title, { face: 'serif', size: 22, fill: INK });
		const drawing: Drawing = {
			title,
			width: PLATE_WIDTH,
			height: PLATE_HEIGHT,
			paper: '#ffffff',
			shapes: [head, ...shapes]
		};
		yield { drawing, says: () => some.map(({ handIn }) => `${handIn.maker}: ${held(handIn)}`).join('; '), codes: [] };
	}
}
