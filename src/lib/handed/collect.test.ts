import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/core/problem';
import { seeded } from '../../../tests/support/colours';
import { membersOfZip } from '$lib/client/zip-members';
import { sharedBytesZip } from '../../../tests/support/zip-bombs';
import { broughtIn } from './collect';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const file = (name: string, content: Uint8Array | string): File => new File([content as BlobPart], name);
const names = async (files: readonly File[]): Promise<{ found: string[]; refused: string[] }> => {
	const refused: string[] = [];
	const all = await broughtIn(
		files,
		(name, error) => {
			if (!(error instanceof Problem)) throw error;
			refused.push(`${name}: ${error.message}`);
		},
		membersOfZip
	);
	return { found: all.map(({ name }) => name), refused };
};

describe('what is brought to a pin-up', () => {
	it('files as they are, and the JSON of a zip under its bare name; a damaged zip hides no other file', async () => {
		const zip = zipSync({
			'class/one.handin.json': bytes('{}'),
			'__MACOSX/._one.json': bytes('x'),
			'notes.txt': bytes('')
		});
		const damaged = zip.slice(0, 40);
		expect(await names([file('a.handin.json', '{}'), file('all.zip', damaged), file('class.zip', zip)])).toEqual({
			found: ['a.handin.json', 'one.handin.json'],
			refused: ['all.zip: The zip is damaged, or this is not a zip.']
		});
	});

	it('paths lead nowhere: only the last part of a name is kept', async () => {
		const zip = zipSync({ '../../etc/passwd.json': bytes('{}'), 'C:\\windows\\win.json': bytes('{}') });
		expect((await names([file('paths.zip', zip)])).found).toEqual(['passwd.json', 'win.json']);
	});

	it('a zip that would unpack to more than can be read is left packed', async () => {
		const bomb = zipSync({ 'bomb.json': new Uint8Array(30_000_000), 'small.json': bytes('{}') }, { level: 9 });
		expect(bomb.length).toBeLessThan(200_000);
		expect((await names([file('bomb.zip', bomb)])).found).toEqual(['small.json']);
		const many = zipSync(Object.fromEntries(Array.from({ length: 600 }, (_, i) => [`${i}.json`, bytes('{}')])));
		expect((await names([file('many.zip', many)])).found).toHaveLength(400);
	});

	it('a zip whose members share bytes is refused, however small it is, when the first two are read', async () => {
		// 250 members of 20 MB each out of 160 kB: within every limit but that of all.
		const zip = file('shared.zip', sharedBytesZip(250, 20_000_000));
		expect(zip.size).toBeLessThan(200_000);
		let read = 0;
		const slice = zip.slice.bind(zip);
		zip.slice = (from = 0, to = zip.size, ...more) => {
			read += to - from;
			return slice(from, to, ...more);
		};
		expect((await names([zip])).refused).toEqual(['shared.zip: The zip is damaged, or this is not a zip.']);
		// Its table, its end and one member: all 250 members would be five million bytes.
		expect(read).toBeGreaterThan(0);
		expect(read).toBeLessThan(4 * zip.size);
	});

	it('a member that unpacks to more, or to less, than it says is refused', async () => {
		const zip = zipSync({ 'one.json': bytes(`{"a":"${'b'.repeat(5000)}"}`) });
		const view = new DataView(zip.buffer);
		const central = zip.length - 22 - (46 + 'one.json'.length);
		expect(view.getUint32(central, true)).toBe(0x02014b50);
		for (const size of [5, 4000, 900_000]) {
			view.setUint32(central + 24, size, true);
			expect((await names([file('false.zip', zip)])).refused).toHaveLength(1);
		}
	});

	it('a zip within a zip stays closed, and one without hand-ins is told', async () => {
		const inner = zipSync({ 'one.json': bytes('{}') });
		const { found, refused } = await names([file('outer.zip', zipSync({ 'inner.zip': inner }))]);
		expect([found, refused]).toEqual([[], ['outer.zip: There is no hand-in in the zip.']]);
	});

	it('a file that is too large is refused when it is read', async () => {
		const [large] = await broughtIn([file('large.json', new Uint8Array(20_000_001))], () => undefined);
		expect(() => large!.text()).toThrow(Problem);
	});

	it('500 changed zips are unpacked as far as they can be, or refused with words', async () => {
		const next = seeded(23);
		const zip = zipSync({ 'one.json': bytes('{"a":1}'.repeat(50)), 'two.json': bytes('{}') });
		let refused = 0;
		for (let i = 0; i < 500; i++) {
			const changed = zip.slice(0, next() < 0.3 ? Math.floor(next() * zip.length) : zip.length);
			for (let k = 0; k < 3; k++) changed[4 + Math.floor(next() * (changed.length - 4))] = Math.floor(256 * next());
			const told = await names([file(`${i}.zip`, changed), file('beside.json', '{}')]);
			expect(told.found).toContain('beside.json');
			refused += told.refused.length;
		}
		expect(refused).toBeGreaterThan(100);
	});
});
