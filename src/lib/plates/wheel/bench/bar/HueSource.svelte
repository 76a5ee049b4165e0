<script lang="ts">
	import { type TakenColour } from '$lib/model/colour-text';
	import { show } from '$lib/core/colour/shown';
	import { calledBy, colourOf, textOf } from '$lib/model/resolve';
	import { seenHex } from '$lib/drawing/view';
	import { chartOf, hueRing } from '../../chart-of';
	import { HUES_FROM, MOST_CHROMA, type HuesFrom, type WheelPlate } from '../../schema';
	import ColourChip from '$lib/ui/ColourChip.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { setLead } from '../../wheel-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';

	/** What decides how strong the hues are: the lead colour, or a value and a chroma. */
	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	const WORDS: Readonly<Record<HuesFrom, { name: string; says: string }>> = {
		lead: { name: 'from a lead colour', says: 'The lead colour turned round the wheel, as strong as it is.' },
		'lead-value': { name: 'at the lead’s value', says: 'The lead colour turned, and every hue held at its value.' },
		given: { name: 'of one value and chroma', says: 'A whole wheel of the value and the chroma that you set.' }
	};
	const CHOICES = HUES_FROM.map((key) => ({ key, ...WORDS[key] }));

	const name = $derived(calledBy(plate.lead, workbench.document.linked));
	const hex = $derived(show(colourOf(textOf(plate.lead, workbench.document.linked))).hex);

	const huesWith = (from: HuesFrom): string[] =>
		chartOf({ ...plate, from }, workbench.document.linked).map(({ steps }) =>
			seenHex(workbench.view, steps[hueRing(plate)]!.hex)
		);

	function put(lead: TakenColour) {
		workbench.edit('Take a colour from a palette', setLead(plate.id, lead));
		workbench.hold({ kind: 'lead' });
	}

	const FIELDS = [
		{ key: 'value', name: 'value', most: 100, step: 1, decimals: 0 },
		{ key: 'chroma', name: 'chroma', most: MOST_CHROMA, step: 0.005, decimals: 3 }
	] as const;

	type Field = (typeof FIELDS)[number];

	function set({ key, name: said, most }: Field, value: number) {
		const within = Math.max(0, Math.min(most, value));
		decide(workbench, `Set the ${said} of the wheel`, { [key]: within }, `${key} ${plate.id}`);
	}

	/** Reads a typed number; what is none leaves it as it was, and the field says it again. */
	function type(field: HTMLInputElement, about: Field) {
		const typed = Number(field.value.replace(',', '.'));
		if (field.value.trim() !== '' && Number.isFinite(typed)) set(about, typed);
		field.value = plate[about.key].toFixed(about.decimals);
	}
</script>

<Choices
	label="Strength of the hues"
	words={WORDS[plate.from].name}
	choices={CHOICES}
	chosen={plate.from}
	preview={huesWith}
	onchoose={(from) => decide(workbench, 'Change where the hues come from', { from })}
/>
{#if plate.from === 'given'}
	{#each FIELDS as field (field.key)}
		<label>
			{field.name}
			<input
				type="range"
				min="0"
				max={field.most}
				step={field.step}
				value={plate[field.key]}
				aria-label="{field.name === 'value' ? 'Value' : 'Chroma'} of the wheel"
				oninput={(event) => set(field, Number(event.currentTarget.value))}
			/>
			<input
				class="field"
				inputmode="decimal"
				value={plate[field.key].toFixed(field.decimals)}
				aria-label="{field.name === 'value' ? 'Value' : 'Chroma'} of the wheel, as a number"
				onchange={(event) => type(event.currentTarget, field)}
			/>
		</label>
	{/each}
{:else}
	<ColourChip {name} fill={seenHex(workbench.view, hex)} onhold={() => workbench.hold({ kind: 'lead' })} ontake={put} />
{/if}

<style>
	label {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	input[type='range'] {
		width: 92px;
		accent-color: var(--ink);
	}
	.field {
		width: 46px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
