import { type Component } from 'svelte';
import { type Plate } from '$lib/model/plate';
import ScaleBar from './scales/bar/ScaleBar.svelte';
import ScalesPlateView from './scales/ScalesPlateView.svelte';
import ScalesReadings from './scales/ScalesReadings.svelte';
import { type Workbench } from './study/workbench.svelte';

type Part<P extends Plate> = Component<{ workbench: Workbench; plate: P }>;

interface PlateKind<P extends Plate> {
	/** The strip above the board in which what is chosen is decided. */
	readonly bar: Part<P>;
	/** The plate on its board. */
	readonly view: Part<P>;
	readonly readings: Part<P>;
}

/** The one table of plate kinds. A new kind adds its folder here, its schema to the model and its drawing. */
export const KINDS: { readonly [K in Plate['kind']]: PlateKind<Extract<Plate, { kind: K }>> } = {
	scales: { bar: ScaleBar, view: ScalesPlateView, readings: ScalesReadings }
};
