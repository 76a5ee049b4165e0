import { type Shape } from '../src/lib/drawing/drawing';
import { drawPlate } from '../src/lib/plates/draw-plate';
import { newStudy } from '../src/lib/study/new-study';
import { type Kind, KIND_NAMES, kindOf } from '../src/lib/plates/kinds';
import { newPlate } from '../src/lib/plates/new-plate';
import { inEveryExercise } from '../tests/support/extremes';
import { ready } from './pages';
import { expect, test } from './test';

const study = newStudy('First plates', '');

/** A plate of a kind, and of every exercise that it has; made of a study without plates, so that none follows another. */
const platesOf = (kind: Kind) => inEveryExercise(newPlate(kind, { ...study, plates: [] }));

/** Lengths to a thousandth: the browser's sines and Node's differ in the last digits. */
const inThousandths = (text: string): string =>
	text.replace(/-?\d+\.\d{4,}/g, (digits) => String(Math.round(Number(digits) * 1000) / 1000));

/** What a shape is on screen: its element, where it stands, its fill. Many colours as one shape are painted, not elements. */
function asElement(shape: Shape): string[] {
	switch (shape.kind) {
		case 'row':
		case 'mosaic':
		case 'image':
		case 'raster':
			return [];
		case 'bar':
			return [`rect ${shape.x} ${shape.y} ${shape.fill}`];
		case 'words':
			return [`text ${shape.x} ${shape.y} ${shape.fill}`];
		case 'gradient':
			return ['g  '];
		case 'area':
			return [`path ${shape.path} ${shape.fill}`];
		case 'rule':
			return [`path M${shape.x1} ${shape.y1}L${shape.x2} ${shape.y2} none`];
	}
}

test('there is a plate for every kind and every exercise', () =>
	expect(KIND_NAMES.flatMap(platesOf).length).toBeGreaterThanOrEqual(28));

for (const kind of KIND_NAMES)
	test(`every first plate of the kind “${kind}” is drawn by the server, or left to the browser, which takes it over without an error`, async ({
		page,
		request,
		server
	}) => {
		test.setTimeout(180_000);
		const errors: string[] = [];
		page.on('console', (message) => ['error', 'warning'].includes(message.type()) && errors.push(message.text()));
		page.on('pageerror', (error) => errors.push(error.message));
		for (const { name, plate } of platesOf(kind)) {
			const made = await request.post('/api/studies', { data: { document: { ...study, plates: [plate] } } });
			const { id } = (await made.json()) as { id: string };
			const answer = await request.get(`/studies/${id}`);
			expect(answer.status(), name).toBe(200);
			const isHeavy = kindOf(plate).heavy?.(plate) ?? false;
			expect(await answer.text(), name).toContain(
				isHeavy ? 'The first plate is being drawn.' : `data-plate="${plate.id}"`
			);
			await page.goto(`/studies/${id}`);
			await ready(page);
			await expect(page.getByRole('region', { name: 'Readings' }), name).toBeVisible();
			expect(errors, name).toEqual([]);
			// What lies over what is the same on screen as in the drawing, from which the files are made.
			const shapes = drawPlate(plate, study.linked, 'full').shapes.flatMap(asElement);
			const elements = await page
				.locator('.surface > svg')
				.first()
				.evaluate((svg) =>
					[...svg.children].map((element) => {
						const of = (key: string) => element.getAttribute(key) ?? '';
						return `${element.tagName} ${of('d') || `${of('x')} ${of('y')}`} ${of('fill')}`;
					})
				);
			expect(elements.map(inThousandths), name).toEqual(shapes.map(inThousandths));
		}
		expect(server.complaints(), 'the server’s own console').toBe('');
	});
