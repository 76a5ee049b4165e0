<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { ROUTES } from '$lib/core/scale/route';
	import { DULLINGS, TURNINGS } from '$lib/core/scale/spec';
	import { DULLING_WORDS, endWords, ROUTE_WORDS, TURNING_WORDS, WHEEL_WORDS } from '$lib/core/scale/words';
	import { WHEELS } from '$lib/core/scheme/wheel';
	import { scaleOf, specOf } from '../../scale-of';
	import { colourOf, textOf, valueOf } from '$lib/model/resolve';
	import { type ScaleDecision } from '../../scale';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';

	/** What a recipe ends in, and whatever else only this recipe asks for. */
	let { workbench, scale }: { workbench: Workbench; scale: ScaleDecision } = $props();

	const spec = $derived(specOf(scale, workbench.document.linked));
	const own = $derived(valueOf(colourOf(textOf(scale.parents[0]!, workbench.document.linked))));
	const rising = $derived(scale.recipe === 'tones-rising');
	const endGrey = $derived(scaleOf(scale, workbench.document.linked).steps.at(-1)!.value);

	const DULLED = { complement: 'to its complement', neutral: 'as far as the neutral' } as const;
	const STANDING = { value: 'where its value falls', middle: 'in the middle' } as const;

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
	<SelectField
		label="How far it is dulled"
		choices={['complement', 'neutral']}
		words={DULLED}
		value={scale.oneWay ? 'neutral' : 'complement'}
		onchoose={(end) => decide(workbench, 'Change how far it is dulled', { oneWay: end === 'neutral' })}
	/>
	<SelectField
		label="How it is dulled"
		choices={DULLINGS}
		words={DULLING_WORDS}
		value={spec.dulling ?? 'neutral'}
		onchoose={(dulling) => decide(workbench, 'Change how it is dulled', { dulling })}
	/>
	<SelectField
		label="Wheel"
		choices={WHEELS}
		words={WHEEL_WORDS}
		value={scale.wheel ?? 'painter'}
		onchoose={(wheel) => decide(workbench, 'Change the wheel', { wheel })}
	/>
{:else if scale.recipe === 'hue-steps'}
	<SelectField
		label="How strong the hue steps are"
		choices={TURNINGS}
		words={TURNING_WORDS}
		value={spec.turning ?? 'purest'}
		onchoose={(turning) => decide(workbench, 'Change how strong the hue steps are', { turning })}
	/>
	<SelectField
		label="Route"
		choices={ROUTES}
		words={ROUTE_WORDS}
		value={scale.route ?? 'shorter'}
		onchoose={(route) => decide(workbench, 'Change the route', { route })}
	/>
{:else if scale.recipe === 'value-steps'}
	<span>to black, standing</span>
	<SelectField
		label="Where the parent stands"
		choices={['value', 'middle']}
		words={STANDING}
		value={scale.parentPlace ?? 'value'}
		onchoose={(parentPlace) => decide(workbench, 'Move the parent', { parentPlace })}
	/>
{:else if endWords(scale)}
	<span>to {endWords(scale)}</span>
{/if}

<style>
	.field {
		width: 40px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
