<script lang="ts">
	import { turningOf } from './scheme-state.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** Whether the sliders turn all members of a scheme by the same amount. */
	let { workbench }: { workbench: Workbench } = $props();

	const turning = $derived(turningOf(workbench));
</script>

<span class="stopped" role="status">{turning.whoStopped}</span>
<label>
	<input type="checkbox" bind:checked={() => turning.together, (all) => turning.turnTogether(all)} />
	turn all together
</label>

<style>
	label {
		display: flex;
		align-items: center;
		gap: 5px;
		margin-left: auto;
		white-space: nowrap;
		cursor: pointer;
	}
	.stopped {
		margin-left: auto;
		white-space: nowrap;
	}
	.stopped:not(:empty) + label {
		margin-left: 0;
	}
	input {
		accent-color: #fff;
	}
</style>
