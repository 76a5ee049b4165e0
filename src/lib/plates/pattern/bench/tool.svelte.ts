import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** What a stroke fills: cell by cell, a straight run, all that hangs together, or a block to be laid elsewhere. */
export const STROKES = ['cells', 'runs', 'areas', 'block'] as const;
export type Stroke = (typeof STROKES)[number];

/** What the next click does: fill with the colour that is held, empty, take up a colour, or replace all like it. */
export const ACTS = ['fill', 'empty', 'take-up', 'replace'] as const;
export type Act = (typeof ACTS)[number];

/** A block that was taken: its cells with what they had, and how it is laid. */
export interface Block {
	readonly plate: string;
	readonly cells: readonly number[];
	readonly content: readonly (number | null)[];
	readonly turns: number;
	readonly mirrored: boolean;
}

/** How cells are filled. */
class Tool {
	stroke = $state<Stroke>('cells');
	act = $state<Act>('fill');
	block = $state.raw<Block | null>(null);
}

export const toolOf = perWorkbench(() => new Tool());
