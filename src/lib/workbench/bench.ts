import { type GradationStop } from '$lib/core/scale/gradation';
import { type Component } from 'svelte';
import { type Palette } from '$lib/model/palette';
import { type PlateBase } from '$lib/model/plate-base';
import { type NamedCode } from '$lib/plates/kind';
import { type MenuItem } from '$lib/ui/Menu.svelte';
import { type Coordinates } from './mixer/coordinates';
import { type Workbench } from './study/workbench.svelte';

type Part<P extends PlateBase> = Component<{ workbench: Workbench; plate: P }>;

/** A slider of the mixer that was moved. */
export interface Turn {
	readonly coordinates: Coordinates;
	/** Which of its axes, and by how much. */
	readonly index: number;
	readonly by: number;
}

/** Colours that can be taken away or kept as a palette. */
export interface ColourSet {
	/** "This scale" */
	readonly what: string;
	/** What they are called together. */
	readonly name: string;
	readonly colours: () => readonly NamedCode[];
	/** The unbroken gradation through them, where there is one. */
	readonly run?: () => readonly GradationStop[];
}

/** What a kind adds to the mixer. */
export interface MixerParts<P extends PlateBase> {
	/** Beside the coordinates, while a colour is set. */
	readonly tools?: Part<P>;
	/** Beside the name of what is held, and beside its link. */
	readonly title?: Part<P>;
	readonly link?: Part<P>;
	/** What can be done with a colour that follows from others. */
	readonly follows?: Part<P>;
	/** Where such a colour comes from, to be looked at; it stands in place of the heading. */
	readonly look?: Part<P>;
	/** Turns more than what is held; false where only that is to be turned. */
	readonly turn?: (workbench: Workbench, plate: P, turn: Turn) => boolean;
}

/** The interface of a plate kind: everything on the study page that only plates of that kind have. */
export interface Bench<P extends PlateBase> {
	/** The strip above the board in which what is chosen is decided. */
	readonly bar: Part<P>;
	/** The plate on its board. */
	readonly view: Part<P>;
	readonly readings: Part<P>;
	readonly mixer?: MixerParts<P>;
	/** What can be taken away as a file of colours. */
	readonly taken: (workbench: Workbench, plate: P) => readonly ColourSet[];
	/** What can be kept as a palette; what can be taken away, unless said. */
	readonly kept?: (workbench: Workbench, plate: P) => readonly ColourSet[];
	/** What a palette beside the plate can be used for. */
	readonly withPalette?: (workbench: Workbench, plate: P, palette: Palette) => readonly MenuItem[];
}
