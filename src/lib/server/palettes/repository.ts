import { z } from 'zod';
import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { nearestOf } from '$lib/core/scheme/nearest';
import { newId } from '$lib/model/ids';
import { MOST_LETTERS } from '$lib/model/line';
import {
	paletteSchema,
	type Palette,
	type PaletteContent,
	type PaletteList,
	type PaletteQuery
} from '$lib/model/palette';
import { type Database, type Queries, type Row } from '../database/database';
import { patternsOf } from '../database/patterns';
import { bringBack, setAside } from '../database/set-aside';

const fullRow = z.object({ id: z.string(), revision: z.int(), content: z.record(z.string(), z.unknown()) });
const tagRow = z.object({ tag: z.string() });

function toPalette(row: Row): Palette {
	const { id, revision, content } = fullRow.parse(row);
	return paletteSchema.parse({ ...content, id, revision });
}

/** So many palettes are looked through for the one nearest to a colour. */
const MOST_LOOKED_THROUGH = 2000;

/** One more than asked for, where there are more. */
async function findPalettes(database: Database, { words, tag, near, most }: PaletteQuery): Promise<Palette[]> {
	const rows = await database.query(
		`select id, revision, content from palette
		where deleted is null and words like all ($1::text[]) and ($2 = '' or $2 = any (tags))
		order by place, id limit $3`,
		[patternsOf(words), tag, near === '' ? most + 1 : MOST_LOOKED_THROUGH]
	);
	const palettes = rows.map(toPalette);
	return near === '' ? palettes : byNearness(palettes, near).slice(0, most + 1);
}

/** Palettes sorted by how near one of their colours is to a colour; those without colours last. */
function byNearness(palettes: readonly Palette[], text: string): Palette[] {
	const linear = (colour: string) => fit(readColour(colour)).linear;
	const target = linear(text);
	const distances = new Map(
		palettes.map((palette) => {
			const nearest = nearestOf(
				palette.colours.map((colour) => linear(colour.text)),
				target
			);
			return [palette.id, nearest?.distance ?? Infinity];
		})
	);
	return [...palettes].sort((one, other) => distances.get(one.id)! - distances.get(other.id)!);
}

/** Lists palettes in their order, or by nearness to a colour; with every tag that there is, and whether there are more palettes. */
export async function listPalettes(database: Database, query: PaletteQuery): Promise<PaletteList> {
	const found = await findPalettes(database, query);
	const tags = await database.query(
		'select distinct unnest(tags) as tag from palette where deleted is null order by tag'
	);
	return {
		palettes: found.slice(0, query.most),
		tags: tags.map((row) => tagRow.parse(row).tag),
		more: found.length > query.most
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
	return createPalette(database, { name: `${name}, copy`.slice(0, MOST_LETTERS), maker, tags, colours });
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
