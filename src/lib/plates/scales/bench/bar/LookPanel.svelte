<script lang="ts">
	import { drawForm } from '../../forms/draw-form';
	import { LABEL_WORDS } from '$lib/drawing/label';
	import { FORM_WORDS, NESTED_FORMS } from '../../forms/forms';
	import NestFields from './NestFields.svelte';
	import { scaleOf } from '../../scale-of';
	import { seenDrawing } from '$lib/drawing/view';
	import { type ScalesPlate } from '../../schema';
	import { type ScaleDecision } from '../../scale';
	import { FORMS, PLAIN_LOOK, SIZES, type ScaleLook, type Size } from '../../look';
	import { LABELS } from '$lib/drawing/label';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { spreadLook } from '../../scale-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';

	interface Props {
		workbench: Workbench;
		plate: ScalesPlate;
		scale: ScaleDecision;
	}

	/** How the chosen scale is laid out on the plate. */
	let { workbench, plate, scale }: Props = $props();

	const look = $derived(scale.look ?? PLAIN_LOOK);
	const made = $derived(scaleOf(scale, workbench.document.linked));

	const SIZE_WORDS: Readonly<Record<Size, string>> = { small: 'small', middle: 'middle', large: 'large' };

	const set = (label: string, change: Partial<ScaleLook>) => decide(workbench, label, { look: { ...look, ...change } });
</script>

<BesideButton role="dialog" label="Layout of the scale" first="input:checked">
	{#snippet button()}
		Layout
		<svg width="10" height="6" aria-hidden="true"><path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" /></svg>
	{/snippet}

	<div class="look">
		<div class="forms" role="radiogroup" aria-label="Form">
			{#each FORMS as form (form)}
				<label>
					<span class="drawn"
						><PlateDrawing drawing={seenDrawing(workbench.view, drawForm(made, { ...look, form }, 132, 84))} /></span
					>
					<span class="name">
						<input
							type="radio"
							name="form"
							checked={look.form === form}
							onchange={() => set('Change the layout', { form })}
						/>
						{FORM_WORDS[form]}
					</span>
				</label>
			{/each}
		</div>
		<div class="more">
			<fieldset>
				<legend>At each step</legend>
				{#each LABELS as label (label)}
					<label>
						<input
							type="radio"
							name="label"
							checked={look.label === label}
							onchange={() => set('Change the labels', { label })}
						/>
						{LABEL_WORDS[label]}
					</label>
				{/each}
			</fieldset>
			<fieldset>
				<legend>Size</legend>
				{#each SIZES as size (size)}
					<label>
						<input
							type="radio"
							name="size"
							checked={look.size === size}
							onchange={() => set('Change the size', { size })}
						/>
						{SIZE_WORDS[size]}
					</label>
				{/each}
			</fieldset>
			<div class="switches">
				<label>
					<input
						type="checkbox"
						checked={look.turned}
						onchange={(event) => set('Turn the direction', { turned: event.currentTarget.checked })}
					/>
					{NESTED_FORMS.has(look.form) ? 'from the inside out' : 'last step first'}
				</label>
				<label>
					<input
						type="checkbox"
						checked={look.gradation}
						onchange={(event) => set('Change the gradation', { gradation: event.currentTarget.checked })}
					/>
					with the unbroken gradation
				</label>
				{#if NESTED_FORMS.has(look.form)}<NestFields
						{look}
						inAll={made.inAll}
						onset={(nest) => set('Set the figures', { nest })}
					/>{/if}
				<button
					class="act"
					disabled={plate.scales.length < 2}
					onclick={() => workbench.edit('Lay out all rows alike', spreadLook(plate.id, look))}
					>Lay out all rows like this</button
				>
			</div>
		</div>
	</div>
</BesideButton>

<style>
	.look {
		padding: 10px 18px;
		font-size: 12.5px;
	}
	.forms {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 8px;
	}
	.forms label {
		padding: 3px;
		cursor: pointer;
	}
	.forms label:hover,
	.forms label:has(input:checked) {
		background: var(--panel-low);
	}
	.drawn {
		display: block;
	}
	.name {
		display: flex;
		align-items: center;
		gap: 6px;
		padding-top: 4px;
	}
	.more {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 14px 26px;
		margin-top: 10px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	fieldset,
	.switches {
		display: grid;
		align-content: start;
		justify-items: start;
		gap: 4px;
	}
	legend {
		margin-bottom: 4px;
		font: 500 14px/1.2 var(--font-serif);
	}
	.more label {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	.switches {
		grid-column: 1 / -1;
	}
	.switches .act {
		margin-top: 6px;
	}
	input {
		accent-color: var(--ink);
	}
</style>
