/** Seconds that the warming may take; it is only a kindness. */
const PATIENCE = 20;

/**
 * Asks for a page of each kind once, so that what is loaded and compiled on first use is there before anybody comes: the first
 * person of a morning, or a whole class at once, would wait for it.
 */
export async function warmUp(address: string): Promise<void> {
	const ask = (path: string): Promise<Response> =>
		fetch(address + path, { signal: AbortSignal.timeout(1000 * PATIENCE) });
	try {
		const page = await (await ask('/')).text();
		const study = /href="(\/studies\/[0-9a-z]{6,24})"/.exec(page)?.[1];
		if (!study) return;
		for (const path of [study, `${study}/__data.json`, `/api${study}/picture.svg`])
			await (await ask(path)).arrayBuffer();
	} catch {
		// Whoever asks first finds out themselves what is wrong.
	}
}
