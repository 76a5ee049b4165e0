<script lang="ts">
	import { JUDGED_DIFFERENCES } from '$lib/core/matching/judging';
	import { type Remark } from '$lib/core/scale/remarks';
	import { groundsOf } from '$lib/drawing/grounds/grounds-of';
	import { type GroundsPlate } from '$lib/model/grounds-plate';
	import ExerciseReadings from '../readings/ExerciseReadings.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { GROUND_WORDS } from './ground-words';
	import GroundSearchPanel from './GroundSearchPanel.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const made = $derived(groundsOf(plate, workbench.document.linked));
	const colours = $derived(
		plate.exercise === 'judging'
			? []
			: plate.exercise === 'rows'
				? made.row.map(({ looks, shift }, i) => ({ name: `On ground ${i + 1}: ${shift.words}`, hex: looks.hex }))
				: [
						{ name: 'First ground', hex: made.pair[0].ground.hex },
						...(plate.exercise === 'after-image' ? [] : [{ name: 'Second ground', hex: made.pair[1].ground.hex }]),
						...(plate.exercise === 'edges'
							? []
							: [{ name: plate.exercise === 'two-as-one' ? 'First figure' : 'Figure', hex: made.pair[0].figure.hex }]),
						...(plate.exercise === 'two-as-one' ? [{ name: 'Second figure', hex: made.pair[1].figure.hex }] : [])
					]
	);

	const remark = (verdict: Remark['verdict'], words: string): Remark => ({ verdict, words, mend: null });
	/** Exercises in which the model says what a figure looks like. */
	const PREDICTED: ReadonlySet<GroundsPlate['exercise']> = new Set(['one-as-two', 'two-as-one', 'like-ground', 'rows']);
	const signed = (value: number): string => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(0)}`;
	const STRONG = 0.03;

	const remarks = $derived.by((): Remark[] => {
		const [one, other] = made.pair;
		const both = [`On the first ground: ${one.shift.words}.`, `On the second: ${other.shift.words}.`].map((words) =>
			remark('holds', words)
		);
		switch (plate.exercise) {
			case 'one-as-two':
				return [
					remark(
						made.apart > STRONG ? 'holds' : 'look',
						made.apart > STRONG
							? 'The two grounds drive it clearly apart.'
							: 'The two grounds hardly drive it apart: take grounds that differ more.'
					),
					...both
				];
			case 'two-as-one': {
				if (!plate.solved || !made.solution)
					return [remark('look', 'Set the second figure until both look the same, then show the solution.'), ...both];
				const { off, fits } = made.solution;
				return [
					remark(off < 2 ? 'holds' : 'look', `The second figure is ${off.toFixed(1)} ΔE00 from the solution.`),
					...(fits ? [] : [remark('look', 'No screen shows the whole solution; the nearest is shown.')])
				];
			}
			case 'like-ground':
				return plate.solved && made.solution
					? [
							remark(
								made.solution.off < 4 ? 'holds' : 'look',
								`The figure is ${made.solution.off.toFixed(1)} ΔE00 from the best one between these grounds.`
							),
							...both
						]
					: both;
			case 'rows': {
				if (made.row.length === 0) return [];
				const values = made.row.map(({ shift }) => shift.value);
				return [
					remark(
						'holds',
						`Its value seems to shift by ${signed(Math.min(...values))} to ${signed(Math.max(...values))} L*.`
					)
				];
			}
			case 'edges': {
				const { vanishing, vibrating } = made.edge;
				if (vanishing > 0.5) return [remark('holds', 'The border nearly vanishes.')];
				if (vibrating > 0.5) return [remark('holds', 'The border vibrates.')];
				return [remark('look', 'A plain border: their values are too far apart to vanish or vibrate.')];
			}
			case 'after-image':
				return [
					remark('holds', 'Show it to a room, or press “Look”: after twenty seconds the neutral field comes by itself.')
				];
			case 'judging':
				return made.judging.right.map((right, i) =>
					remark(
						right ? 'holds' : 'look',
						`${JUDGED_DIFFERENCES[i]} L* apart: ${right ? 'right' : 'taken the other way round'}.`
					)
				);
			case 'assimilation':
				return [remark('holds', 'Look at the finest pattern from far, at the broadest from near.')];
		}
	});
</script>

<ExerciseReadings {workbench} words={GROUND_WORDS[plate.exercise]} {colours} {remarks}>
	{#if plate.exercise === 'one-as-two'}<GroundSearchPanel {workbench} {plate} />{/if}
	{#if PREDICTED.has(plate.exercise)}
		<p>
			What a figure looks like is reckoned by CIECAM16 with the ground as its surround. It is a model: eyes differ, and
			so do screens and rooms.
		</p>
	{/if}
</ExerciseReadings>
