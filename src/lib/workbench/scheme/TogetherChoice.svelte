<script lang="ts">
	import { type Workbench } from '../study/workbench.svelte';

	/** Whether the sliders turn all members of a scheme by the same amount. */
	let { workbench }: { workbench: Workbench } = $props();
</script>

<label>
	<input type="checkbox" bind:checked={workbench.together} />
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
	input {
		accent-color: #fff;
	}
</style>
