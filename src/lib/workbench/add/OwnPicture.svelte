<script lang="ts">
	import { bringOnPlates, READ_AS_PICTURE } from '../study/bring';
	import { type Workbench } from '../study/workbench.svelte';

	/** Pictures of one's own, each on a plate of its own when it is here. */
	let { workbench, onbrought }: { workbench: Workbench; onbrought: () => void } = $props();

	function bring({ files }: HTMLInputElement) {
		void bringOnPlates(workbench, [...(files ?? [])]);
		onbrought();
	}
</script>

<label class="act">
	Or with a picture of your own
	<input
		type="file"
		class="unseen"
		accept={READ_AS_PICTURE}
		multiple
		onchange={(event) => bring(event.currentTarget)}
	/>
</label>

<style>
	label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
</style>
