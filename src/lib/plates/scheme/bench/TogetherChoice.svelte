<script lang="ts">
	import { turnsTogether, turnTogether, whoStopped } from './scheme-state.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** Whether the sliders turn all members of a scheme by the same amount. */
	let { workbench }: { workbench: Workbench } = $props();
</script>

<span class="stopped" role="status">{turnsTogether(workbench) ? whoStopped(workbench) : ''}</span>
<label>
	<input type="checkbox" bind:checked={() => turnsTogether(workbench), (all) => turnTogether(workbench, all)} />
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
