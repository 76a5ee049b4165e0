/** The eye dropper of browsers that have one (WICG EyeDropper API); TypeScript does not know it yet. */
interface EyeDropperWindow {
	EyeDropper?: new () => { open(): Promise<{ sRGBHex: string }> };
}

export function canPickFromScreen(): boolean {
	return typeof window !== 'undefined' && 'EyeDropper' in window;
}

/** A colour from anywhere on the screen, or null when the person thought better of it. */
export async function pickFromScreen(): Promise<string | null> {
	const { EyeDropper } = window as EyeDropperWindow;
	if (!EyeDropper) return null;
	try {
		return (await new EyeDropper().open()).sRGBHex;
	} catch {
		return null;
	}
}
