import { type Making } from '$lib/client/files';
import { notices } from '$lib/ui/notices.svelte';

const waits = (before: number): string => (before === 1 ? 'one is made before it.' : `${before} are made before it.`);

/** Says that the server makes something, what it waits for, and lets it be taken back; says at the end what went wrong, if anything. */
export async function whileMade(what: string, make: (making: Making) => Promise<string | null>): Promise<void> {
	const controller = new AbortController();
	const notice = notices.hold(`Making ${what} …`, {
		label: 'Cancel',
		run: () => {
			controller.abort();
			notices.say(`Not made: ${what}.`);
		}
	});
	const onplace = (before: number): void =>
		notice.say(before === 0 ? `Making ${what} …` : `Waiting with ${what}: ${waits(before)}`);
	const trouble = await make({ signal: controller.signal, onplace });
	notice.end();
	if (trouble) notices.say(trouble);
}
