import { type Page } from '@playwright/test';

/** What a page holds after all that nobody holds any more has been collected. */
export interface Alive {
	readonly nodes: number;
	readonly listeners: number;
	readonly megabytes: number;
}

export async function alive(page: Page): Promise<Alive> {
	const session = await page.context().newCDPSession(page);
	await session.send('Performance.enable');
	for (let i = 0; i < 2; i++) await session.send('HeapProfiler.collectGarbage');
	const { metrics } = await session.send('Performance.getMetrics');
	await session.detach();
	const of = (name: string): number => metrics.find((metric) => metric.name === name)?.value ?? 0;
	return { nodes: of('Nodes'), listeners: of('JSEventListeners'), megabytes: of('JSHeapUsedSize') / 1e6 };
}
