<script lang="ts">
	import { turningOf } from './scheme-state.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** Whether the sliders turn all members of a scheme by the same amount. */
	let { workbench }: { workbench: Workbench } = $props();

	const turning = $derived(turningOf(workbench));
</script>

<div>
	<span class="stopped" role="status">{turning.whoStopped}</span>
	<label>
		<input type="checkbox" bind:checked={() => turning.together, (all) => turning.turnTogether(all)} />
		turn all together
	</label>
</div>

<style>
	div {
		position: relative;
		margin-left: auto;
		white-space: nowrap;
	}
	label {
		display: flex;
		align-items: center;
		gap: 5px;
		cursor: pointer;
	}
	/* Above, where it takes no room from anything, however many stopped. */
	.stopped {
		position: absolute;
		right: 0;
		bottom: calc(100% + 1px);
		font-size: 11px;
	}
	input {
		accent-color: #fff;
	}
</style>
