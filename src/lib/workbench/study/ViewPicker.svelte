<script lang="ts">
	import Select from 'flowbite-svelte/Select.svelte';
	import { VIEW_WORDS, VIEWS } from '$lib/drawing/view';
	import { type Workbench } from './workbench.svelte';

	/** How the whole study is looked at. It changes nothing that is stored. */
	let { workbench }: { workbench: Workbench } = $props();

	const deficient = $derived(workbench.view.kind !== 'colour' && workbench.view.kind !== 'value');

	function choose(value: string) {
		const kind = VIEWS.find((view) => view === value);
		if (kind) workbench.view = { ...workbench.view, kind };
	}
</script>

<div class="view">
	<Select
		class="choice"
		classes={{ select: 'field' }}
		aria-label="View"
		placeholder=""
		value={workbench.view.kind}
		title="How the whole study is seen; nothing that is stored changes"
		onchange={(event) => choose(event.currentTarget.value)}
	>
		{#each VIEWS as kind (kind)}<option value={kind}>{VIEW_WORDS[kind]}</option>{/each}
	</Select>
	{#if deficient}
		<label>
			<span>{Math.round(workbench.view.severity * 100)} %</span>
			<input
				type="range"
				min="0"
				max="1"
				step="0.05"
				value={workbench.view.severity}
				aria-label="Severity"
				oninput={(event) => (workbench.view = { ...workbench.view, severity: Number(event.currentTarget.value) })}
			/>
		</label>
	{/if}
</div>

<style>
	.view {
		display: flex;
		align-items: center;
		gap: 8px;
		min-width: 0;
		font-size: 12.5px;
	}
	.view :global(.choice) {
		width: 182px;
	}
	label {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	label span {
		min-width: 38px;
		text-align: right;
	}
	input {
		width: 84px;
		accent-color: var(--ink);
	}
</style>
