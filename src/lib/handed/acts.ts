import { tick } from 'svelte';
import { download, plainName } from '$lib/client/files';
import { downloadPortfolio, downloadWall } from '$lib/client/handed';
import { marksCsv } from '$lib/study/handed/marks-csv';
import { MOST_PRINTED, type HandInLine } from '$lib/study/handed/requests';
import { type MenuItem } from '$lib/ui/Menu.svelte';
import { notices } from '$lib/ui/notices.svelte';
import { whileMade } from '$lib/workbench/study/while-made';
import { type PinUp } from './pin-up.svelte';

/** The plate that hangs, of each; the first one where all hang. */
function printWall(pinUp: PinUp): void {
	const { wall, brief, plate } = pinUp;
	const ids = wall.map(({ line }) => line.id);
	const what = { ids, title: brief.title, plate: brief.plates[plate ?? 0]?.id ?? null };
	if (ids.length > MOST_PRINTED)
		notices.say(`A print has room for ${MOST_PRINTED} sheets: the first ${MOST_PRINTED} of the wall are printed.`);
	void whileMade('the PDF', async (making) => {
		await pinUp.settled();
		return downloadWall(what, making);
	});
}

function saveMarks(pinUp: PinUp): void {
	const rows = pinUp.wall.flatMap(({ line }) => {
		const handIn = pinUp.handInOf(line.id);
		return handIn ? [{ line, handIn, isLate: pinUp.isLate(line) }] : [];
	});
	download(`${plainName(pinUp.brief.title)}-marks.csv`, new Blob([marksCsv(rows)], { type: 'text/csv' }));
}

/** What can be taken away from a wall. */
export function awayItems(pinUp: PinUp): MenuItem[] {
	const answered = pinUp.makers.filter(({ line }) => line.given.notes.length > 0 || line.given.mark !== '').length;
	return [
		{
			label: `Returns of all with notes or a mark (${answered}), as ZIP`,
			disabled: answered === 0,
			run: () => pinUp.returnAll()
		},
		{ label: 'Print the wall, as PDF', disabled: pinUp.wall.length === 0, run: () => printWall(pinUp) },
		{ label: 'Marks and checks as CSV', disabled: pinUp.makers.length === 0, run: () => saveMarks(pinUp) }
	];
}

/** Moves a sheet, and the focus with it: it is another element in its new place. */
function moved(maker: string, move: () => void): void {
	move();
	void tick().then(() =>
		document.querySelector<HTMLElement>(`[data-maker="${CSS.escape(maker)}"] .under button`)?.focus()
	);
}

/** To which groups a sheet can go, while the wall hangs in groups. */
function groupItems({ arranged, groups }: PinUp, maker: string): MenuItem[] {
	if (arranged !== 'groups') return [];
	const own = groups.all.find(({ makers }) => makers.includes(maker));
	return [
		...groups.all
			.filter((group) => group !== own)
			.map(({ id, name }) => ({ label: `Move to “${name}”`, run: () => moved(maker, () => groups.move(maker, id)) })),
		{ label: 'Move to a new group', disabled: groups.isFull, run: () => moved(maker, () => groups.add(maker)) },
		...(own ? [{ label: `Out of “${own.name}”`, run: () => moved(maker, () => groups.move(maker, null)) }] : [])
	];
}

/** What can be done with a sheet. */
export const sheetItems = (pinUp: PinUp, maker: string, line: HandInLine): MenuItem[] => [
	{ label: pinUp.isOnTable(line.id) ? 'Pin it up again' : 'Take it to the table', run: () => pinUp.turn(line.id) },
	...groupItems(pinUp, maker),
	{
		label: line.seen ? 'Still to be looked at' : 'It was looked at',
		run: () => pinUp.give(line.id, line.given, !line.seen)
	},
	{ label: 'Give it back, as a file', run: () => pinUp.returnOne(line) },
	{
		label: 'Portfolio of its maker, as PDF',
		run: () =>
			void whileMade('the portfolio', async (making) => {
				await pinUp.settled();
				return downloadPortfolio(line.maker, true, making);
			})
	},
	{ label: 'Take it off the wall', run: () => void pinUp.remove(line.id) }
];
