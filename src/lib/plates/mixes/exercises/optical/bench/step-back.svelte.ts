/** How far one has stepped back from an optical mix, as the share of its size that is seen. */
let share = $state(1);

export const stepBack = (): number => share;
export function setStepBack(to: number): void {
	share = to;
}
