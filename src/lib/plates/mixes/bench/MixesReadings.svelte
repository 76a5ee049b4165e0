<script lang="ts">
	import { WAY_WORDS, WAYS } from '$lib/core/mix/ways';
	import { type Remark } from '$lib/core/scale/remarks';
	import { valueOfLinear } from '$lib/core/scheme/scheme-readings';
	import { coloursOfMixes } from '../mixes-colours';
	import { parentName } from '../mix-shapes';
	import { mixesOf } from '../mixes-of';
	import { type MixesPlate } from '../schema';
	import ExerciseReadings from '$lib/workbench/readings/ExerciseReadings.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { MIX_WORDS } from './mix-words';

	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const made = $derived(mixesOf(plate, linked));
	const colours = $derived(coloursOfMixes(plate, linked));

	const remark = (verdict: Remark['verdict'], words: string): Remark => ({ verdict, words, mend: null });

	/** What the exercise comes to, in words. */
	const remarks = $derived.by((): Remark[] => {
		switch (plate.exercise) {
			case 'ways': {
				const ways = made.ways();
				const value = (way: (typeof WAYS)[number]) => valueOfLinear(ways[way].linear);
				const sorted = [...WAYS].sort((one, other) => value(other) - value(one));
				const clipped = WAYS.filter((way) => ways[way].mapped);
				return [
					remark(
						'holds',
						`Lightest: ${WAY_WORDS[sorted[0]!].name.toLowerCase()}, ${value(sorted[0]!).toFixed(0)}. Darkest: ${WAY_WORDS[sorted.at(-1)!].name.toLowerCase()}, ${value(sorted.at(-1)!).toFixed(0)}.`
					),
					...clipped.map((way) => remark('look', `${WAY_WORDS[way].name}: brighter than the screen’s white, clipped.`))
				];
			}
			case 'middle': {
				const { toFirst, toSecond, guess } = made.middle();
				if (!plate.revealed) return [remark('look', 'The middle is hidden until you have found it by eye.')];
				const even = Math.abs(toFirst - toSecond) < 0.1;
				return [
					remark(
						even ? 'holds' : 'look',
						even
							? `Both parents look equally far: ${toFirst.toFixed(1)} ΔE00.`
							: `It leans: ${toFirst.toFixed(1)} ΔE00 to the first, ${toSecond.toFixed(1)} to the second.`
					),
					...(guess
						? [remark(guess.off < 3 ? 'holds' : 'look', `Found by eye: ${guess.off.toFixed(1)} ΔE00 from the middle.`)]
						: [])
				];
			}
			case 'halving':
				return [
					remark(
						'holds',
						'Each middle is taken from its two neighbours, again and again: the trade’s way to a scale by eye.'
					),
					remark('look', 'Strokes add less and less: the first change much, the last hardly anything.')
				];
			case 'overlap':
				return made
					.crossings()
					.map(({ verdict }, i) =>
						remark(verdict.transparent ? 'holds' : 'look', `${i + 1} over ${i + 2}: ${verdict.reason}`)
					);
			case 'balance': {
				const whole = plate.parents.reduce((sum, { parts }) => sum + parts, 0);
				return made.balance().map((share, i) => {
					const own = plate.parents[i]!.parts / whole;
					const ratio = own / share;
					const name = parentName(plate, i, linked);
					if (ratio > 0.9 && ratio < 1.1) return remark('holds', `${name} is in balance.`);
					return remark('look', `${name} has ${ratio.toFixed(1)} times its share in balance.`);
				});
			}
			case 'optical':
				return [remark('holds', 'The fine pattern and the flat field send the eye the same light.')];
		}
	});
</script>

<ExerciseReadings {workbench} words={MIX_WORDS[plate.exercise]} {colours} {remarks} />
