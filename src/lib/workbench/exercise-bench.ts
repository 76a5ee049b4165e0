import { type Component } from 'svelte';
import { type Drawing } from '$lib/drawing/drawing';
import { type PlateBase } from '$lib/model/plate-base';
import { type Workbench } from './study/workbench.svelte';

type Part<P extends PlateBase> = Component<{ workbench: Workbench; plate: P }>;

/** What an exercise has of its own on the study page, beside what all exercises of its kind have. All of it may be missing. */
export interface ExerciseBench<P extends PlateBase> {
	/** What decides it, in the bar. */
	readonly fields?: Part<P>;
	/** What can be taken hold of on the plate, beside its places. */
	readonly over?: Part<P>;
	readonly readings?: Part<P>;
	/** What can be done in the mixer with a colour that follows from others. */
	readonly follows?: Part<P>;
	/** The plate as one looks at it now, where that is not just how it is drawn. */
	readonly drawing?: (workbench: Workbench, plate: P) => Drawing;
}
