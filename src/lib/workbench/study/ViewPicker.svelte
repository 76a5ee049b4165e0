<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { VIEW_WORDS, VIEWS } from '$lib/drawing/view';
	import { type Workbench } from './workbench.svelte';

	/** How the whole study is looked at. It changes nothing that is stored. */
	let { workbench }: { workbench: Workbench } = $props();

	const deficient = $derived(workbench.view.kind !== 'colour' && workbench.view.kind !== 'value');
</script>

<div class="view">
	<SelectField
		label="View"
		choices={VIEWS}
		words={VIEW_WORDS}
		value={workbench.view.kind}
		title="How the whole study is seen; nothing that is stored changes"
		onchoose={(kind) => (workbench.view = { ...workbench.view, kind })}
	/>
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
