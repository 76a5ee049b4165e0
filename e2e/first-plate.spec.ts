import { newId } from '../src/lib/model/ids';
import { newStudy } from '../src/lib/model/new-study';
import { type Plate } from '../src/lib/model/plate';
import { fieldsOf, withField } from '../tests/support/extremes';
import { nextGrounds, nextMixes, nextPlate, nextScheme, nextWheel } from '../src/lib/workbench/study/suggest';
import { ready } from './pages';
import { expect, test } from './test';

const study = newStudy('First plates', '');
const MADE = { scales: nextPlate, wheel: nextWheel, scheme: nextScheme, mixes: nextMixes, grounds: nextGrounds };

/** A plate of every kind, and of every exercise of those that have some. */
const plates = (Object.keys(MADE) as Plate['kind'][]).flatMap((kind) => {
	const plate: Plate = { ...MADE[kind](study), id: newId() };
	const exercises = fieldsOf(kind).find(({ path }) => path === 'exercise')?.ends ?? [];
	return exercises.length === 0
		? [{ name: kind, plate }]
		: exercises.map((exercise) => ({
				name: `${kind}, ${String(exercise)}`,
				plate: withField(plate, 'exercise', exercise)!
			}));
});

test('there is a plate for every kind and every exercise', () => expect(plates.length).toBeGreaterThanOrEqual(18));

test('every kind and exercise as the first plate is drawn by the server and taken over by the browser without an error', async ({
	page,
	request,
	server
}) => {
	test.setTimeout(180_000);
	const errors: string[] = [];
	page.on('console', (message) => ['error', 'warning'].includes(message.type()) && errors.push(message.text()));
	page.on('pageerror', (error) => errors.push(error.message));
	for (const { name, plate } of plates) {
		const made = await request.post('/api/studies', { data: { document: { ...study, plates: [plate] } } });
		const { id } = (await made.json()) as { id: string };
		const answer = await request.get(`/studies/${id}`);
		expect(answer.status(), name).toBe(200);
		expect(await answer.text(), name).toContain(`data-plate="${plate.id}"`);
		await page.goto(`/studies/${id}`);
		await ready(page);
		await expect(page.getByRole('region', { name: 'Readings' }), name).toBeVisible();
		expect(errors, name).toEqual([]);
	}
	expect(server.complaints(), 'the server’s own console').toBe('');
});
