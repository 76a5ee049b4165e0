import { notices } from '$lib/ui/notices.svelte';

/** Copies a text and says so; where the browser forbids it, says what to do instead. */
export async function copyText(text: string, said = text): Promise<void> {
	try {
		await navigator.clipboard.writeText(text);
		notices.say(`Copied ${said}`);
	} catch {
		notices.say(`The browser did not allow copying. The text is: ${text}`);
	}
}
