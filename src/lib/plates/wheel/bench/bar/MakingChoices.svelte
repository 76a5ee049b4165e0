<script lang="ts">
	import { METHODS } from '$lib/core/scale/mixing';
	import { METHOD_WORDS } from '$lib/core/scale/words';
	import { MAKING_WORDS } from '$lib/core/scheme/chart-words';
	import { MAKINGS } from '$lib/core/scheme/hue-chart';
	import { type WheelPlate } from '../../schema';
	import Choices from '$lib/ui/Choices.svelte';
	import Strip from '$lib/ui/Strip.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide, spokeWith } from './decide';

	/** How rings are made: mixed by a method, or by discs of some strength laid over each other. */
	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	const MAKING_CHOICES = MAKINGS.map((key) => ({ key, ...MAKING_WORDS[key] }));
</script>

<Choices
	label="Making of the rings"
	words={MAKING_WORDS[plate.making].name}
	choices={MAKING_CHOICES}
	chosen={plate.making}
	preview={(making) => spokeWith(workbench, plate, { making })}
	onchoose={(making) => decide(workbench, 'Change how rings are made', { making })}
	further={plate.making === 'mixed' ? methods : strength}
/>
{#snippet methods()}
	<div class="methods" role="radiogroup" aria-label="Mixing method">
		{#each METHODS as method (method)}
			<label>
				<i><Strip codes={spokeWith(workbench, plate, { method })} /></i>
				<input
					type="radio"
					name="method"
					checked={plate.method === method}
					onchange={() => decide(workbench, 'Change the mixing method', { method })}
				/>
				{METHOD_WORDS[method].name}
			</label>
		{/each}
	</div>
{/snippet}
{#snippet strength()}
	<label class="strength">
		Each disc is
		<input
			type="range"
			min="0.05"
			max="1"
			step="0.01"
			value={plate.discStrength}
			aria-label="Strength of each disc"
			aria-valuetext="{Math.round(plate.discStrength * 100)} %"
			oninput={(event) =>
				decide(
					workbench,
					'Change the strength of the discs',
					{ discStrength: Number(event.currentTarget.value) },
					`discs ${plate.id}`
				)}
		/>
		{Math.round(plate.discStrength * 100)} % strong
	</label>
{/snippet}

<style>
	.methods {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px 16px;
		width: 100%;
	}
	.methods label {
		display: grid;
		grid-template-columns: 100px auto 1fr;
		align-items: center;
		gap: 7px;
		cursor: pointer;
	}
	.methods i {
		height: 18px;
	}
	.strength {
		display: flex;
		align-items: center;
		gap: 9px;
		flex: 1;
	}
	.strength input {
		flex: 1;
	}
	input {
		accent-color: var(--ink);
	}
</style>
