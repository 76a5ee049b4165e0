import { z } from 'zod';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import {
	MOST_LISTED,
	paletteSchema,
	type Palette,
	type PaletteContent,
	type PaletteList,
	type PaletteQuery
} from '$lib/model/palette';
import { type Database, type Queries, type Row } from '../database/database';
import { holdsWords } from '../database/patterns';
import { bringBack, setAside } from '../database/set-aside';
import { readStored } from '../stored';

const fullRow = z.object({ id: z.string(), revision: z.int(), content: z.record(z.string(), z.unknown()) });
const tagRow = z.object({ tag: z.string() });

function toPalette(row: Row): Palette {
	const { id, revision, content } = fullRow.parse(row);
	return readStored({ ...content, id, revision }, paletteSchema).document;
}

/** Palettes out of rows, and the ids of those that cannot be read: one bad row never hides the others. */
function readRows(rows: readonly Row[]): { palettes: Palette[]; unreadable: string[] } {
	const unreadable: string[] = [];
	const palettes = rows.flatMap((row): Palette[] => {
		try {
			return [toPalette(row)];
		} catch {
			unreadable.push(String(row.id));
			return [];
		}
	});
	return { palettes, unreadable };
}

/** Sorts palettes by how near one of their colours is to a colour, somewhere. */
export type SortByNearness = (palettes: readonly Palette[], text: string) => Promise<Palette[]>;

/** One more than asked for, where there are more. */
async function findPalettes(database: Database, { words, tag, near, most }: PaletteQuery, sort: SortByNearness) {
	const { condition, patterns } = holdsWords(words, 3);
	const rows = await database.query(
		`select id, revision, content from palette
		where deleted is null and ($1 = '' or $1 = any (tags)) and ${condition} order by place, id limit $2`,
		[tag, near === '' ? most + 1 : MOST_LISTED, ...patterns]
	);
	const { palettes, unreadable } = readRows(rows);
	return { palettes: near === '' ? palettes : (await sort(palettes, near)).slice(0, most + 1), unreadable };
}

/** Lists palettes in their order, or by nearness to a colour; with every tag that there is, and whether there are more palettes. */
export async function listPalettes(
	database: Database,
	query: PaletteQuery,
	sort: SortByNearness
): Promise<PaletteList> {
	const { palettes, unreadable } = await findPalettes(database, query, sort);
	const tags = await database.query(
		'select distinct unnest(tags) as tag from palette where deleted is null order by tag'
	);
	return {
		palettes: palettes.slice(0, query.most),
		unreadable,
		tags: tags.map((row) => tagRow.parse(row).tag),
		more: palettes.length > query.most
	};
}

/** The palette of this id, or null where there is none or it was deleted. */
export async function readPalette(database: Queries, id: string): Promise<Palette | null> {
	const [row] = await database.query('select id, revision, content from palette where id = $1 and deleted is null', [
		id
	]);
	return row ? toPalette(row) : null;
}

/** The columns that hold or repeat a palette's content, in the order in which statements name them. */
function columnsOf(content: PaletteContent): unknown[] {
	const { name, maker, tags, colours } = content;
	const words = [name, maker, ...tags, ...colours.map((colour) => colour.name)].join(' ').toLowerCase();
	return [words, tags, JSON.stringify(content)];
}

/** Keeps a new palette, before all others. */
export async function createPalette(database: Queries, content: PaletteContent): Promise<Palette> {
	const [row] = await database.query(
		`insert into palette (id, place, words, tags, content)
		values ($1, (select coalesce(min(place), 0) - 1 from palette), $2, $3, $4::jsonb) returning id, revision, content`,
		[newId(), ...columnsOf(content)]
	);
	return toPalette(row!);
}

export type SavePaletteOutcome = { kind: 'saved'; palette: Palette } | { kind: 'stale' } | { kind: 'missing' };

/** Saves a palette over the revision that it was made from; another revision is never overwritten. */
export async function savePalette(
	database: Database,
	id: string,
	revision: number,
	content: PaletteContent
): Promise<SavePaletteOutcome> {
	return database.transaction(async (queries) => {
		const [row] = await queries.query(
			`update palette set words = $3, tags = $4, content = $5::jsonb, revision = revision + 1, changed = now()
			where id = $1 and revision = $2 and deleted is null returning id, revision, content`,
			[id, revision, ...columnsOf(content)]
		);
		if (row) return { kind: 'saved', palette: toPalette(row) };
		return { kind: (await readPalette(queries, id)) ? 'stale' : 'missing' };
	});
}

/** A copy of a palette, before all others; null where there is no such palette. */
export async function duplicatePalette(database: Database, id: string): Promise<Palette | null> {
	const palette = await readPalette(database, id);
	if (!palette) return null;
	const { name, maker, tags, colours } = palette;
	return createPalette(database, { name: asLine(`${name}, copy`), maker, tags, colours });
}

/** Moves a palette before another one, or to the end. False where it, or the other, is not there. */
export async function placePalette(database: Database, id: string, before: string | null): Promise<boolean> {
	return database.transaction(async (queries) => {
		const rows = await queries.query('select id from palette where deleted is null order by place, id');
		const ids = rows.map((row) => z.object({ id: z.string() }).parse(row).id);
		if (!ids.includes(id) || (before !== null && !ids.includes(before))) return false;
		const rest = ids.filter((other) => other !== id);
		const at = before === null || before === id ? rest.length : rest.indexOf(before);
		const order = before === id ? ids : [...rest.slice(0, at), id, ...rest.slice(at)];
		await queries.query(
			`update palette set place = sorted.place::integer
			from unnest($1::text[]) with ordinality as sorted (id, place) where palette.id = sorted.id`,
			[order]
		);
		return true;
	});
}

/** Sets a palette aside; `restorePalette` takes that back. False where there was none to set aside. */
export const deletePalette = (database: Queries, id: string): Promise<boolean> => setAside(database, 'palette', id);

export const restorePalette = (database: Queries, id: string): Promise<boolean> => bringBack(database, 'palette', id);
