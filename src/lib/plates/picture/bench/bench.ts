import { type Bench } from '$lib/workbench/bench';
import { gradationSteps } from '../gradation-of';
import { picture } from '../kind';
import { type PicturePlate } from '../schema';
import { wordsOfText } from '../describe';
import PictureBar from './bar/PictureBar.svelte';
import PictureReadings from './PictureReadings.svelte';
import PictureView from './PictureView.svelte';
import PlaceActions from './PlaceActions.svelte';
import PlaceLook from './PlaceLook.svelte';

const MOST_IN_PALETTE = 60;

export const pictureBench: Bench<PicturePlate> = {
	bar: PictureBar,
	view: PictureView,
	readings: PictureReadings,
	mixer: { follows: PlaceActions, look: PlaceLook },
	taken: (_workbench, plate) => {
		const steps = () => gradationSteps(plate).map(({ hex }, i) => ({ name: `${i + 1}, ${wordsOfText(hex)}`, hex }));
		return [
			{ what: 'These colours', name: plate.title, colours: () => picture.colours({ ...plate, along: 'places' }) },
			{ what: 'This gradation', name: `Gradation, ${plate.title}`, colours: () => steps().slice(0, MOST_IN_PALETTE) }
		];
	}
};
