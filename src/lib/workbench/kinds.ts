import { type Component } from 'svelte';
import { type Plate } from '$lib/model/plate';
import GroundsBar from './grounds/bar/GroundsBar.svelte';
import GroundsPlateView from './grounds/GroundsPlateView.svelte';
import GroundsReadings from './grounds/GroundsReadings.svelte';
import MixesBar from './mixes/bar/MixesBar.svelte';
import MixesPlateView from './mixes/MixesPlateView.svelte';
import MixesReadings from './mixes/MixesReadings.svelte';
import ScaleBar from './scales/bar/ScaleBar.svelte';
import ScalesPlateView from './scales/ScalesPlateView.svelte';
import ScalesReadings from './scales/ScalesReadings.svelte';
import SchemeBar from './scheme/bar/SchemeBar.svelte';
import SchemePlateView from './scheme/SchemePlateView.svelte';
import SchemeReadings from './scheme/SchemeReadings.svelte';
import { type Workbench } from './study/workbench.svelte';
import WheelBar from './wheel/bar/WheelBar.svelte';
import WheelPlateView from './wheel/WheelPlateView.svelte';
import WheelReadings from './wheel/WheelReadings.svelte';

type Part<P extends Plate> = Component<{ workbench: Workbench; plate: P }>;

interface PlateKind<P extends Plate> {
	/** The strip above the board in which what is chosen is decided. */
	readonly bar: Part<P>;
	/** The plate on its board. */
	readonly view: Part<P>;
	readonly readings: Part<P>;
}

/** The one table of plate kinds. A new kind adds its folder here, its schema to the model and its drawing. */
const KINDS: { readonly [K in Plate['kind']]: PlateKind<Extract<Plate, { kind: K }>> } = {
	scales: { bar: ScaleBar, view: ScalesPlateView, readings: ScalesReadings },
	wheel: { bar: WheelBar, view: WheelPlateView, readings: WheelReadings },
	scheme: { bar: SchemeBar, view: SchemePlateView, readings: SchemeReadings },
	mixes: { bar: MixesBar, view: MixesPlateView, readings: MixesReadings },
	grounds: { bar: GroundsBar, view: GroundsPlateView, readings: GroundsReadings }
};

/** The parts for plates of a kind. They are only ever given plates of that kind, which the table sees to and types cannot say. */
export const partsOf = (kind: Plate['kind']): PlateKind<Plate> => KINDS[kind] as unknown as PlateKind<Plate>;
