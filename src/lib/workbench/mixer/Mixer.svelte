<script lang="ts">
	import { show } from '$lib/core/colour/shown';
	import { seenHex } from '$lib/drawing/view';
	import { colourOf } from '$lib/model/resolve';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { kindOf } from '$lib/plates/kinds';
	import { type Workbench } from '../study/workbench.svelte';
	import BeginActions from './BeginActions.svelte';
	import Codes from './Codes.svelte';
	import { COORDINATES } from './coordinates';
	import FollowAnother from './FollowAnother.svelte';
	import { asMixer } from './focus-mixer';
	import Elsewhere from './Elsewhere.svelte';
	import HeldByEye from './HeldByEye.svelte';
	import Holder from './Holder.svelte';
	import { setHeldColour, subjectOf } from './subject';
	import Track from './Track.svelte';
	import ViewPicker from '../study/ViewPicker.svelte';

	let { workbench }: { workbench: Workbench } = $props();

	const plate = $derived(workbench.plate);
	const parts = $derived(plate && benchOf(plate)?.mixer);
	const subject = $derived(subjectOf(workbench));
	const colour = $derived(subject && colourOf(subject.text));
	let chosen = $state(0);
	const coordinates = $derived(COORDINATES[chosen]!);

	/**
	 * The coordinates last set here and the text they were stored as. While the colour still is that text they are
	 * kept, so that a hue is not lost where the chroma passes through nought.
	 */
	let own = $state.raw<{ text: string; chosen: number; values: readonly number[] } | null>(null);
	const values = $derived.by((): readonly number[] | null => {
		if (!subject || !colour) return null;
		return own && own.text === subject.text && own.chosen === chosen ? own.values : coordinates.of(colour);
	});

	const NOTHING_SET = 'Nothing on this plate is set in the mixer. Linked colours are, as always.';

	function turn(index: number, value: number) {
		if (!subject || subject.follows !== null || !values) return;
		const by = value - values[index]!;
		if (plate && parts?.turn?.(workbench, plate, { coordinates, index, by })) return;
		const next = values.map((old, i) => (i === index ? value : old));
		const text = coordinates.text(next);
		own = { text, chosen, values: next };
		setHeldColour(workbench, text, 'mixer');
	}
</script>

<section class="mixer" aria-label="Mixer" {@attach asMixer}>
	{#if subject && colour && values}
		{#if workbench.byEye}
			<HeldByEye {workbench} {subject} hex={seenHex(workbench.view, show(colour).hex)} />
		{:else}
			<Holder
				{workbench}
				{subject}
				hex={seenHex(workbench.view, show(colour).hex)}
				stored={show(colour).hex}
				mapped={show(colour).mapped}
			/>
		{/if}
		{#if subject.follows === null}
			<div class="tracks" class:many={coordinates.axes.length > 3}>
				<div class="models">
					<div role="radiogroup" aria-label="Coordinates">
						{#each COORDINATES as model, i (model.name)}
							<label class="model" class:on={chosen === i} title={model.says}>
								<input type="radio" name="coordinates" checked={chosen === i} onchange={() => (chosen = i)} />
								{model.name}
							</label>
						{/each}
					</div>
					{#if plate && parts?.tools}<parts.tools {workbench} {plate} />{/if}
					{#if parts?.title}<FollowAnother {workbench} />{/if}
					{#if !workbench.byEye}<BeginActions {workbench} where="tracks" />{/if}
					{#if workbench.alone}<ViewPicker {workbench} />{/if}
				</div>
				{#each coordinates.axes as axis, i (axis.name)}
					<Track
						{coordinates}
						index={i}
						{values}
						view={workbench.view}
						byEye={workbench.byEye}
						onturn={(value) => turn(i, value)}
						onset={(value) => {
							workbench.acts.begin();
							turn(i, value);
						}}
					/>
				{/each}
			</div>
		{:else}
			<div class="follows">
				{#if plate && parts?.look}<parts.look {workbench} {plate} />{/if}
				<div>
					{#if !parts?.look}<p class="serif">This colour is not set by hand.</p>{/if}
					<p>{subject.follows}</p>
					<p class="parents" data-parents>
						{#if subject.elsewhere}<Elsewhere {workbench} elsewhere={subject.elsewhere} text={subject.text} />{/if}
						{#each subject.parents.slice(0, 3) as parent (parent.place)}
							<button class="act" onclick={() => workbench.hold(parent.place)}>Go to {parent.name}</button>
						{/each}
						{#if plate && parts?.follows}<parts.follows {workbench} {plate} />{/if}
						{#if !workbench.byEye}<BeginActions {workbench} where="actions" />{/if}
					</p>
				</div>
			</div>
		{/if}
		{#if workbench.byEye}
			<p class="away">
				Codes, names and readings are put away until {workbench.isHidden ? 'it is handed in' : 'you check'}.<br />Next
				colour <kbd>Tab</kbd> or arrows on the plate, larger steps <kbd>Shift</kbd>
			</p>
		{:else}
			<Codes {colour} />
		{/if}
	{:else}
		<p class="empty">
			{plate ? (kindOf(plate).words.empty ?? NOTHING_SET) : 'Add a plate, and its first colour comes into the mixer.'}
		</p>
	{/if}
</section>

<style>
	.mixer {
		display: grid;
		grid-template-columns: 296px minmax(0, 1fr) 400px;
		gap: 26px;
		height: 100%;
		padding: 14px 20px;
		background: var(--dark);
		color: #fff;
	}
	.tracks {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 7px;
		align-content: center;
	}
	.tracks.many {
		gap: 1px;
	}
	.models {
		display: flex;
		gap: 12px;
		padding-left: 82px;
		font-size: 11.5px;
		color: #c4c4c4;
	}
	.models [role='radiogroup'] {
		display: contents;
	}
	.models .model {
		position: relative;
		padding-bottom: 2px;
		border-bottom: 2px solid transparent;
		cursor: pointer;
	}
	.models .model.on {
		border-color: #fff;
		color: #fff;
	}
	.models .model:focus-within {
		outline: 1px solid #fff;
		outline-offset: 2px;
	}
	.models .model input {
		position: absolute;
		opacity: 0;
	}
	.mixer :global(.start) {
		flex: none;
		padding: 0 8px 2px;
		border: 1px solid #8a8a8a;
		font-size: 11.5px;
		white-space: nowrap;
		color: #fff;
		cursor: pointer;
	}
	.mixer :global(.start:focus-visible) {
		outline: 2px solid #fff;
		box-shadow: none;
	}
	.models :global(.start) {
		margin-left: auto;
	}
	.models :global(.start ~ .start) {
		margin-left: 0;
	}
	.follows {
		display: flex;
		gap: 16px;
		align-items: center;
		align-self: center;
		color: #dedede;
	}
	.follows .serif {
		font-size: 18px;
		color: #fff;
	}
	.parents {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 8px;
		margin-top: 8px;
	}
	.away {
		align-self: center;
		font-size: 12.5px;
		line-height: 1.7;
		color: #c4c4c4;
	}
	.empty {
		grid-column: 1 / -1;
		align-self: center;
		justify-self: center;
	}
	@media (max-width: 1180px) {
		.mixer {
			grid-template-columns: 236px minmax(0, 1fr) 230px;
			gap: 16px;
			padding: 12px 14px;
		}
	}
	@media (forced-colors: active) {
		.mixer,
		.mixer :global(*) {
			color: CanvasText;
		}
	}
	@media (min-width: 1600px) and (min-height: 900px) {
		.mixer {
			grid-template-columns: 380px minmax(0, 1fr) 520px;
			gap: 40px;
		}
		.tracks {
			gap: 12px;
		}
	}
	@media (max-width: 800px) {
		.mixer {
			grid-template-columns: 1fr;
			gap: 10px;
			padding: 8px 12px;
		}
		.tracks,
		.follows {
			order: -1;
		}
		.models {
			flex-wrap: wrap;
			padding-left: 0;
		}
	}
</style>
