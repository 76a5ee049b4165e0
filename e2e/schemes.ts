import { expect, type Page } from '@playwright/test';
import { addPlate, choose, makeStudy } from './pages';

/** A member of the scheme, from 0. */
export const member = (page: Page, index: number) => page.locator(`.member[data-member="${index}"]`);
/** The same on the wheel. */
export const handle = (page: Page, index: number) => page.locator(`.handle[data-member="${index}"]`);

/** The codes of the members, as their buttons say them. */
export const codes = (page: Page): Promise<string[]> =>
	page.locator('.member').evaluateAll((all) => all.map((each) => /#[0-9a-f]{6}/.exec(each.ariaLabel ?? '')?.[0] ?? ''));

/** A study with a triad of madder on the light wheel. */
export async function makeScheme(page: Page): Promise<void> {
	await makeStudy(page);
	await addPlate(page, 'A scheme');
	await expect(page.getByRole('group', { name: 'Members of the scheme' })).toBeAttached();
	await choose(page, 'Wheel', 'light wheel');
}
