import { mkdir, mkdtemp, readFile, readdir, rm, symlink, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { fieldsOf } from '../../../../tests/support/pictures';
import { type Of } from '$lib/drawing/drawing';
import { pictureFolder } from '../settings';
import { asPng } from './as-png';
import { forgetAllPictures, forgetPictures, keepPicture, pictureBytes } from './kept-pictures';
import { pictureSources } from './sources';

const before = process.env.RICERCAR_DATA;
let base: string;
beforeAll(async () => {
	base = await mkdtemp(join(tmpdir(), 'ricercar-pictures-'));
	process.env.RICERCAR_DATA = base;
});
afterAll(async () => {
	if (before === undefined) delete process.env.RICERCAR_DATA;
	else process.env.RICERCAR_DATA = before;
	await rm(base, { recursive: true });
});

const picture = async (): Promise<Buffer> => {
	const { rgba, width, height } = fieldsOf([
		['#b3392b', 30],
		['#2f5f86', 10]
	]);
	return sharp(rgba, { raw: { width, height, channels: 4 } })
		.png()
		.toBuffer();
};

const shapeOf = (id: string, more: Partial<Of<'image'>> = {}): Of<'image'> => ({
	kind: 'image',
	x: 0,
	y: 0,
	width: 40,
	height: 20,
	id,
	seen: { as: 'itself' },
	...more
});

it('a picture is kept whole under an id of its own, and found by nothing else', async () => {
	const [one, other] = [await keepPicture(await picture(), 'me'), await keepPicture(await picture(), 'me')];
	expect(one.id).not.toBe(other.id);
	expect([one.width, one.height, one.says]).toEqual([40, 20, []]);
	const { channels } = await sharp((await pictureBytes(one.id))!).metadata();
	expect(channels).toBe(4);
	for (const id of ['nosuchpicture', '../own', `${one.id}x`, '', one.id.toUpperCase()])
		expect(await pictureBytes(id), id).toBeNull();
	expect((await pictureBytes('shippedcloth'))!.length).toBeGreaterThan(100_000);
	expect((await readdir(pictureFolder())).sort()).toEqual([one.id, other.id].sort());
});

it('one that is refused leaves nothing behind', async () => {
	const there = await readdir(pictureFolder());
	await expect(keepPicture(Buffer.from('nothing'), 'me')).rejects.toMatchObject({ code: 'no-picture' });
	expect(await readdir(pictureFolder())).toEqual(there);
});

it('what no study has named for thirty days is forgotten, and what was never finished', async () => {
	await forgetAllPictures();
	const [named, unnamed, fresh] = [
		await keepPicture(await picture(), 'me'),
		await keepPicture(await picture(), 'me'),
		await keepPicture(await picture(), 'me')
	];
	const begun = join(pictureFolder(), `${unnamed.id}.some.begun`);
	await writeFile(begun, 'half');
	const old = new Date(Date.now() - 31 * 86_400_000);
	for (const file of [named.id, unnamed.id]) await utimes(join(pictureFolder(), file), old, old);
	await utimes(begun, old, old);
	await forgetPictures(new Set([named.id]));
	expect((await readdir(pictureFolder())).sort()).toEqual([fresh.id, named.id].sort());
});

it('a drawing has its pictures as data, smaller where that is asked for; one that is missing has none', async () => {
	const { id } = await keepPicture(await picture(), 'me');
	const shapes = [
		shapeOf(id),
		shapeOf(id, { seen: { as: 'colours', colours: ['#b3392b'], shown: ['#8d9a5b'] } }),
		shapeOf('nosuchpicture')
	];
	const drawing = { title: 'P', width: 40, height: 20, paper: '#ffffff', shapes };
	const [plain, reduced, missing] = shapes.map(await pictureSources(drawing, 20));
	expect(missing).toBeNull();
	for (const [data, code] of [
		[plain, '#b3392b'],
		[reduced, '#8d9a5b']
	] as const) {
		const file = Buffer.from(data!.replace(/^data:image\/png;base64,/, ''), 'base64');
		const { data: pixels, info } = await sharp(file).raw().toBuffer({ resolveWithObject: true });
		expect([info.width, info.height]).toEqual([20, 10]);
		expect(`#${pixels.subarray(0, 3).toString('hex')}`).toBe(code);
	}
});

it('whatever else lies in the folder of pictures stops nothing and hides none; a picture that cannot be read is missing', async () => {
	await forgetAllPictures();
	const [whole, cut, old] = [
		await keepPicture(await picture(), 'me'),
		await keepPicture(await picture(), 'me'),
		await keepPicture(await picture(), 'me')
	];
	const at = (name: string): string => join(pictureFolder(), name);
	await symlink('/nowhere/at/all', at('danglinglink'));
	await symlink('.', at('linktoitself'));
	await mkdir(at('oldfolder0'));
	await writeFile(at('oldfolder0/notes.txt'), 'Not ours.');
	const file = await readFile(at(cut.id));
	await writeFile(at(cut.id), file.subarray(0, file.length / 2));
	const past = new Date(Date.now() - 40 * 86_400_000);
	for (const name of ['oldfolder0', old.id]) await utimes(at(name), past, past);

	await forgetPictures(new Set());
	expect((await readdir(pictureFolder())).sort()).toEqual(
		[whole.id, cut.id, 'danglinglink', 'linktoitself', 'oldfolder0'].sort()
	);
	for (const id of ['danglinglink', 'linktoitself', 'oldfolder0']) expect(await pictureBytes(id), id).toBeNull();
	const shapes = [whole.id, cut.id, 'oldfolder0'].map((id) => shapeOf(id));
	const drawing = { title: 'P', width: 40, height: 20, paper: '#ffffff', shapes };
	for (const longest of [20, Infinity]) {
		const sources = await pictureSources(drawing, longest);
		expect(shapes.map((shape) => sources(shape) !== null)).toEqual([true, false, false]);
	}
	expect(await asPng((await pictureBytes(cut.id))!)).toBeNull();
	expect(await asPng((await pictureBytes(whole.id))!)).not.toBeNull();
});
