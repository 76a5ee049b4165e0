<script lang="ts">
	import Select from 'flowbite-svelte/Select.svelte';
	import { ROUTES } from '$lib/core/scale/route';
	import { endWords, ROUTE_WORDS, WHEEL_WORDS } from '$lib/core/scale/words';
	import { WHEELS } from '$lib/core/scheme/wheel';
	import { scaleOf } from '../../scale-of';
	import { colourOf, textOf, valueOf } from '$lib/model/resolve';
	import { type ScaleDecision } from '../../scale';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';

	/** What a recipe ends in, and whatever else only this recipe asks for. */
	let { workbench, scale }: { workbench: Workbench; scale: ScaleDecision } = $props();

	const own = $derived(valueOf(colourOf(textOf(scale.parents[0]!, workbench.document.linked))));
	const rising = $derived(scale.recipe === 'tones-rising');
	const endGrey = $derived(scaleOf(scale, workbench.document.linked).steps.at(-1)!.value);

	const pick = <T extends string>(choices: readonly T[], value: string): T | undefined =>
		choices.find((choice) => choice === value);

	function typeGrey(field: HTMLInputElement) {
		const typed = Number(field.value);
		if (field.value.trim() !== '' && Number.isFinite(typed)) {
			const [least, most] = rising ? [own, 100] : [0, own];
			decide(workbench, 'Set the end grey', { endValue: Math.max(least, Math.min(most, typed)) });
		}
		field.value = endGrey.toFixed(0);
	}
</script>

{#if scale.recipe === 'tones-rising' || scale.recipe === 'tones-falling'}
	<span>to a grey of value</span>
	<input
		class="field"
		inputmode="numeric"
		aria-label="Value of the end grey"
		title={rising
			? `From ${own.toFixed(0)}, the parent’s own, to 100`
			: `From 0 to ${own.toFixed(0)}, the parent’s own`}
		value={endGrey.toFixed(0)}
		onchange={(event) => typeGrey(event.currentTarget)}
	/>
{:else if scale.recipe === 'dulling'}
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="How far it is dulled"
		placeholder=""
		value={scale.oneWay ? 'neutral' : 'complement'}
		onchange={(event) =>
			decide(workbench, 'Change how far it is dulled', { oneWay: event.currentTarget.value === 'neutral' })}
	>
		<option value="complement">to its complement</option>
		<option value="neutral">as far as the neutral</option>
	</Select>
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="Wheel"
		placeholder=""
		value={scale.wheel ?? 'painter'}
		onchange={(event) => {
			const wheel = pick(WHEELS, event.currentTarget.value);
			if (wheel) decide(workbench, 'Change the wheel', { wheel });
		}}
	>
		{#each WHEELS as wheel (wheel)}<option value={wheel}>{WHEEL_WORDS[wheel]}</option>{/each}
	</Select>
{:else if scale.recipe === 'hue-steps'}
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="Chroma of the hue steps"
		placeholder=""
		value={scale.greatestChroma ? 'greatest' : 'held'}
		onchange={(event) =>
			decide(workbench, 'Change the chroma of the hue steps', {
				greatestChroma: event.currentTarget.value === 'greatest'
			})}
	>
		<option value="held">at one chroma</option>
		<option value="greatest">at the greatest chroma</option>
	</Select>
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="Route"
		placeholder=""
		value={scale.route ?? 'shorter'}
		onchange={(event) => {
			const route = pick(ROUTES, event.currentTarget.value);
			if (route) decide(workbench, 'Change the route', { route });
		}}
	>
		{#each ROUTES as route (route)}<option value={route}>{ROUTE_WORDS[route]}</option>{/each}
	</Select>
{:else if scale.recipe === 'value-steps'}
	<span>to black, standing</span>
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="Where the parent stands"
		placeholder=""
		value={scale.parentPlace ?? 'value'}
		onchange={(event) => {
			const parentPlace = pick(['value', 'middle'], event.currentTarget.value);
			if (parentPlace) decide(workbench, 'Move the parent', { parentPlace });
		}}
	>
		<option value="value">where its value falls</option>
		<option value="middle">in the middle</option>
	</Select>
{:else if endWords(scale.recipe)}
	<span>to {endWords(scale.recipe)}</span>
{/if}

<style>
	.field {
		width: 40px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
