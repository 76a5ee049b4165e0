import { test as base } from '@playwright/test';
import { begunFolder } from '../tests/support/begun';
import { started, stopped, type OwnServer } from '../tests/support/server';

/** Every worker has a server of its own, with a demo of its own: what one test makes is never in another worker's list. */
export const test = base.extend<object, { server: OwnServer }>({
	server: [
		// The runner reads off this pattern what the fixture needs: nothing.
		// eslint-disable-next-line no-empty-pattern
		async ({}, use) => {
			const server = await started(await begunFolder(), { RICERCAR_DEMO: 'yes' });
			await use(server);
			await stopped(server, 'SIGTERM');
		},
		{ scope: 'worker' }
	],
	baseURL: async ({ server }, use) => use(server.url)
});

export { expect } from '@playwright/test';
