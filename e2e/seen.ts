import { type Page } from '@playwright/test';

/** Words on the open plate that are smaller than 10 pixels as seen, that leave the plate, or that lie over each other. */
export const faultyWords = (page: Page): Promise<string[]> =>
	page.locator('.surface > svg').evaluate((svg) => {
		const { width, height } = (svg as SVGSVGElement).viewBox.baseVal;
		const scale = svg.getBoundingClientRect().width / width;
		const all = [...svg.querySelectorAll('text')]
			.filter((text) => text.textContent.trim() !== '')
			.map((text) => {
				const box = text.getBBox();
				return {
					said: text.textContent,
					size: parseFloat(getComputedStyle(text).fontSize) * scale,
					...{ left: box.x, top: box.y, right: box.x + box.width, bottom: box.y + box.height }
				};
			});
		const small = all.filter(({ size }) => size < 9.95).map(({ said, size }) => `${size.toFixed(1)} px: ${said}`);
		const out = all
			.filter(({ left, right, bottom }) => left < 0 || right > width || bottom > height + 2)
			.map(({ said }) => `off the plate: ${said}`);
		const over = all.flatMap((one, i) =>
			all
				.slice(i + 1)
				.filter(
					(other) =>
						Math.min(one.right, other.right) - Math.max(one.left, other.left) > 1 &&
						// A line of words is higher than its letters.
						Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 4.2
				)
				.map((other) => `“${one.said}” over “${other.said}”`)
		);
		return [...small, ...out, ...over];
	});

/** What can be pressed and is smaller than 24 pixels, but for the colours of a plate, which are one widget. */
export const smallTargets = (page: Page): Promise<string[]> =>
	page.evaluate(() =>
		[...document.querySelectorAll<HTMLElement>('button, a[href], input, select, textarea, summary')]
			.filter((each) => {
				const { width, height } = each.getBoundingClientRect();
				const { visibility, opacity } = getComputedStyle(each);
				const seen = width > 1 && height > 1 && visibility === 'visible' && opacity !== '0';
				return seen && each.closest('.lay') === null && each.closest('a[href="#content"]') === null;
			})
			.filter((each) => {
				const { width, height } = (each.closest('label') ?? each).getBoundingClientRect();
				return width < 23.9 || height < 23.9;
			})
			.map((each) => `${each.tagName} ${each.ariaLabel ?? each.textContent.trim()}`)
	);
