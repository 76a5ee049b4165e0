import { readDrawing } from '../src/lib/svg-in/read-drawing';
import { seeded } from '../src/lib/core/seeded';
import { addExercise, makeStudy, saved, take } from './pages';
import { expect, test } from './test';

/** An open line about all of it, which is left out, gives every drawing the same frame. */
const FRAME = { x: -100, y: -100, width: 400, height: 320 } as const;
const file = (content: string): string =>
	`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 120"><path fill="none" d="M-100 -100L300 220"/>${content}</svg>`;
const STAR = 'M100 5L130 110L40 40L160 40L70 110z';
const LEAF = 'M10 60Q100 -20 190 60T10 60z';

/** Files of all shapes, transforms, groups in groups, arcs and both rules of filling; what is used is used in the browser, too. */
const FILES: Readonly<Record<string, string>> = {
	rectangles: '<rect x="10" y="10" width="120" height="60"/><rect x="80" y="40" width="100" height="70"/>',
	'rounded rectangles':
		'<rect x="10" y="10" width="120" height="80" rx="20"/><rect x="60" y="30" width="120" height="80" rx="60" ry="12"/>',
	'a circle and an ellipse': '<circle cx="70" cy="60" r="50"/><ellipse cx="130" cy="60" rx="60" ry="30"/>',
	polygons: '<polygon points="10,10 190,20 100,110"/><polygon points="10 100, 60 20, 180 100"/>',
	'a star, non-zero': `<path d="${STAR}"/>`,
	'a star, even-odd': `<path fill-rule="evenodd" d="${STAR}"/>`,
	'a star by style': `<path style="fill-rule: evenodd; fill: red" d="${STAR}"/>`,
	'a star by class': `<style>.s { fill-rule: evenodd }</style><path class="s" d="${STAR}"/>`,
	'a leaf of quadratics': `<path d="${LEAF}"/>`,
	'cubics and smooth cubics': '<path d="M10 60C40 -40 90 160 110 60S180 0 190 60S100 200 10 60z"/>',
	'relative letters': '<path d="m20 20l80 0q40 10 60 50t-60 30c-20 20 -60 -10 -80 0h-10v-40z"/>',
	'arcs, large and small':
		'<path d="M20 60A60 40 0 1 1 140 60A60 40 0 0 0 20 60z"/><path d="M60 60a40 30 30 0 1 80 20z"/>',
	'arcs whose radii do not reach': '<path d="M20 60A5 3 20 0 1 180 70L100 110z"/>',
	'a ring': '<path fill-rule="evenodd" d="M10 10H190V110H10zM50 30V90H150V30z"/>',
	'a ring by turning the inner': '<path d="M10 10H190V110H10zM50 30V90H150V30z"/>',
	'two parts of one path': '<path d="M10 10h60v60h-60zm100 20h60v60h-60z"/>',
	'an open path that is filled': '<path d="M10 10L190 30L120 110L20 90"/>',
	'a polyline that is filled': '<polyline points="10,10 190,30 120,110 20,90"/>',
	translated:
		'<rect width="60" height="40" transform="translate(30 20)"/><rect width="60" height="40" transform="translate(60,40)"/>',
	'turned about a point': '<rect x="60" y="30" width="80" height="60" transform="rotate(33 100 60)"/>',
	scaled: '<circle cx="20" cy="20" r="15" transform="scale(5 2)"/><circle cx="60" cy="50" r="40"/>',
	skewed:
		'<rect x="40" y="30" width="80" height="50" transform="skewX(25)"/><rect x="40" y="30" width="80" height="50" transform="skewY(-12)"/>',
	'by a matrix': `<path d="${LEAF}" transform="matrix(0.8 0.3 -0.2 0.7 20 10)"/>`,
	'several transforms': `<path d="${STAR}" transform="translate(20 10) rotate(15) scale(0.8)"/>`,
	'groups in groups': `<g transform="translate(10 5)"><g transform="scale(0.9)"><g transform="rotate(8)"><path d="${STAR}"/><rect width="90" height="60"/></g></g></g>`,
	'rules inherited': `<g fill-rule="evenodd"><path d="${STAR}"/><g><path fill-rule="nonzero" d="${STAR}" transform="translate(-40 0) scale(0.7)"/></g></g>`,
	used: `<defs><path id="u" d="${LEAF}"/></defs><use href="#u"/><use href="#u" x="10" y="20" transform="scale(0.6)"/>`,
	'hidden parts':
		'<g display="none"><rect width="200" height="120"/></g><rect x="30" y="30" width="90" height="60"/><rect visibility="hidden" width="200" height="120"/>',
	'mirrored shapes': `<path d="${LEAF}" transform="scale(-1 1) translate(-200 0)"/><path d="${STAR}" transform="matrix(1 0 0 -1 0 120)"/>`,
	'many that cross': Array.from(
		{ length: 7 },
		(_, i) => `<circle cx="${40 + i * 20}" cy="${60 + (i % 2) * 14}" r="${34 - i}"/>`
	).join('')
};

/** In units of which the longer side of a drawing has a thousand: points nearer to an edge than this are not counted. */
const NEAR = 0.055;
const POINTS = 2000;

type Ring = readonly (readonly [number, number])[];
const ringsOf = (path: string): Ring[] =>
	path
		.split('z')
		.filter((part) => part !== '')
		.map((part) =>
			part
				.slice(1)
				.split('L')
				.map((corner) => corner.split(' ').map(Number) as unknown as readonly [number, number])
		);

function isIn(ring: Ring, [px, py]: readonly [number, number]): boolean {
	let inside = false;
	ring.forEach(([x, y], i) => {
		const [nx, ny] = ring[(i + 1) % ring.length]!;
		if (y > py !== ny > py && px < ((nx - x) * (py - y)) / (ny - y) + x) inside = !inside;
	});
	return inside;
}

function offEdges(rings: readonly Ring[], [px, py]: readonly [number, number]): number {
	let least = Infinity;
	for (const ring of rings)
		ring.forEach(([x, y], i) => {
			const [nx, ny] = ring[(i + 1) % ring.length]!;
			const long = (nx - x) ** 2 + (ny - y) ** 2 || 1;
			const t = Math.max(0, Math.min(1, ((px - x) * (nx - x) + (py - y) * (ny - y)) / long));
			least = Math.min(least, Math.hypot(px - x - t * (nx - x), py - y - t * (ny - y)));
		});
	return least;
}

interface Asked {
	readonly svg: string;
	readonly points: readonly (readonly [number, number])[];
	readonly frame: { readonly x: number; readonly y: number; readonly scale: number };
}

/** Runs in the page: for points of the reading, which of the shapes lie there by the browser's own hit test, one letter for each. */
function hitTest({ svg, points, frame }: Asked): string[] {
	document.body.innerHTML = svg;
	const root = document.querySelector('svg')!;
	const toRoot = root.getScreenCTM()!.inverse();
	const isShown = (shape: Element): boolean =>
		getComputedStyle(shape).visibility !== 'hidden' &&
		getComputedStyle(shape).fill !== 'none' &&
		!shape.closest('defs') &&
		!shape.closest('[display=none]');
	const shapes = [...root.querySelectorAll<SVGGeometryElement>('path, rect, circle, ellipse, polygon, polyline')]
		.filter(isShown)
		.map((shape) => ({ shape, matrix: toRoot.multiply(shape.getScreenCTM()!) }));
	const used = [...root.querySelectorAll<SVGUseElement>('use')].map((use) => ({
		shape: root.querySelector<SVGGeometryElement>(use.getAttribute('href')!)!,
		matrix: toRoot.multiply(use.getScreenCTM()!).translate(use.x.baseVal.value, use.y.baseVal.value)
	}));
	const all = [...shapes, ...used].map(({ shape, matrix }) => ({ shape, back: matrix.inverse() }));
	return points.map(([px, py]) => {
		const point = new DOMPoint(frame.x + px / frame.scale, frame.y + py / frame.scale);
		return all.map(({ shape, back }) => (shape.isPointInFill(point.matrixTransform(back)) ? '1' : '0')).join('');
	});
}

test('30 drawings: a point lies in a region just where the browser finds a shape, and points of one region in the same shapes', async ({
	page
}) => {
	expect(Object.keys(FILES)).toHaveLength(30);
	await page.goto('about:blank');
	let counted = 0;
	for (const [name, content] of Object.entries(FILES)) {
		const svg = file(content);
		const read = readDrawing(svg);
		expect(read.left, name).toEqual(['1 open line']);
		const frame = { x: FRAME.x, y: FRAME.y, scale: read.width / FRAME.width };
		const regions = read.regions.map(ringsOf);
		const all = regions.flat();
		// Over the drawing itself: about it there is nothing to be found.
		const next = seeded(31);
		const points = Array.from(
			{ length: POINTS },
			() => [(95 + 210 * next()) * frame.scale, (95 + 130 * next()) * frame.scale] as const
		).filter((point) => offEdges(all, point) > NEAR);
		const hits = await page.evaluate(hitTest, { svg, points, frame });
		const seen = new Map<number, string>();
		const wrong = points.flatMap((point, i) => {
			const owner = regions.findIndex(
				([outer, ...holes]) => isIn(outer!, point) && !holes.some((hole) => isIn(hole, point))
			);
			if (owner >= 0 !== hits[i]!.includes('1')) return [`${point.join(' ')}: ${owner} and ${hits[i]}`];
			if (owner < 0) return [];
			counted++;
			const before = seen.get(owner) ?? hits[i]!;
			seen.set(owner, before);
			return before === hits[i] ? [] : [`${point.join(' ')}: one region, ${before} and ${hits[i]}`];
		});
		expect(wrong, name).toEqual([]);
		expect(points.length, name).toBeGreaterThan(0.9 * POINTS);
	}
	expect(counted).toBeGreaterThan(15_000);
});

test('a drawing is dropped on the page, filled, taken away; what was left out is said, and what is none is refused', async ({
	page
}) => {
	await makeStudy(page);
	await addExercise(page, 'A row in use');
	const drop = (name: string, content: string) =>
		page.evaluate(
			([title, text]) => {
				const data = new DataTransfer();
				data.items.add(new File([text!], title!, { type: 'image/svg+xml' }));
				document.body.dispatchEvent(new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer: data }));
			},
			[name, content]
		);
	await drop(
		'two_bowls.svg',
		file('<circle cx="60" cy="60" r="50"/><circle cx="120" cy="60" r="50"/><text>Bowls</text>')
	);
	await expect(page.getByText('“two bowls” is here: 3 regions. Left out: 1 text, 1 open line.')).toBeVisible({
		timeout: 20_000
	});
	await expect(page.getByRole('heading', { name: /^two bowls in / })).toBeAttached();
	await expect(page.locator('[data-description]')).toContainText('3 of 3 regions filled');

	// By keys, as on a grid: the cursor says which region it is on.
	await page.locator('[data-cells]').focus();
	await expect(page.locator('[data-said]')).toHaveText(/; region 1 of 3, /);
	await page.keyboard.press('1');
	await page.keyboard.press('Space');
	await saved(page);
	const svg = (await take(page, 'The plate as SVG')).content.toString();
	expect(svg).not.toContain('<text>Bowls');

	// Another one takes its place, also pasted; what harms is refused in words, and the drawing stays.
	await page.evaluate((text) => {
		const data = new DataTransfer();
		data.setData('text/plain', text);
		document.body.dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData: data }));
	}, file('<rect width="200" height="60"/><rect y="60" width="200" height="60"/>'));
	await expect(page.locator('[data-description]')).toContainText('of 2 regions filled');
	await drop('round.svg', file('<g id="a"><use href="#a"/></g>'));
	await expect(page.getByText(/“round”: Parts of the drawing use each other/)).toBeVisible();
	await drop(
		'script.svg',
		file('<script>document.title = "harmed"</script><rect width="9" height="9" onload="document.title=1"/>')
	);
	await expect(page.getByText(/“script” is here: 1 region\. Left out: 1 script/)).toBeVisible();
	expect(await page.title()).not.toContain('harmed');
});

test('the drawings that ship are chosen by looking, and tried while pointed at', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'A drawing in your colours');
	await expect(page.locator('[data-description]')).toContainText('leaves that cross');
	await page.getByRole('button', { name: /^Grid: / }).click();
	await page.getByRole('button', { name: 'A landscape of bands' }).hover();
	await expect(page.locator('.surface svg text').first()).toContainText('A landscape of bands');
	await page.keyboard.press('Escape');
	await expect(page.locator('.surface svg text').first()).toContainText('Leaves that cross');
	await page.getByRole('button', { name: /^Grid: / }).click();
	await page.getByRole('button', { name: 'Bowls and cloth' }).click();
	await expect(page.locator('[data-description]')).toContainText('bowls and cloth');
});

test('between neighbours no ground shows, however large or small the file is seen', async ({ page }) => {
	await makeStudy(page);
	await addExercise(page, 'Solids on a triangular grid');
	const radios = page.getByRole('radiogroup', { name: 'Fill with' }).getByRole('radio');
	// All colours dark, on a white sheet: what is light between them is ground.
	await page.getByRole('button', { name: 'At random', exact: true }).click();
	expect(await radios.count()).toBeGreaterThan(2);
	let svg = (await take(page, 'The plate as SVG')).content.toString();
	const fills = [...new Set([...svg.matchAll(/<path [^>]*fill="(#[0-9a-f]{6})"/g)].map(([, fill]) => fill!))];
	fills.forEach((fill, i) => (svg = svg.replaceAll(fill, ['#000000', '#1a0000', '#00001a', '#001a00'][i % 4]!)));
	await page.goto('/help');
	for (const scale of [0.2, 0.37, 0.5, 0.73, 1, 1.6, 2.3]) {
		const lightest = await page.evaluate(
			async ([text, by]) => {
				const image = new Image();
				image.src = URL.createObjectURL(new Blob([text as string], { type: 'image/svg+xml' }));
				await image.decode();
				const [width, height] = [Math.round(792 * Number(by)), Math.round(560 * Number(by))];
				const canvas = document.createElement('canvas');
				canvas.width = width;
				canvas.height = height;
				const context = canvas.getContext('2d')!;
				context.drawImage(image, 0, 0, width, height);
				// Well within the design, whose edge is at 28 to 764 and about 60 to 445.
				const inset = 12;
				const [x, y] = [Math.ceil((28 + inset) * Number(by)), Math.ceil((75 + inset) * Number(by))];
				const { data } = context.getImageData(
					x,
					y,
					Math.floor((736 - 2 * inset) * Number(by)),
					Math.floor((350 - 2 * inset) * Number(by))
				);
				let most = 0;
				for (let i = 0; i < data.length; i += 4) most = Math.max(most, data[i]!, data[i + 1]!, data[i + 2]!);
				return most;
			},
			[svg, scale] as const
		);
		expect(lightest, `at ${scale}`).toBeLessThanOrEqual(0x1a + 2);
	}
});
