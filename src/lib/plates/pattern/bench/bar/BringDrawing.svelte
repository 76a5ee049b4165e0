<script lang="ts">
	import { readBrought } from '$lib/workbench/study/bring-drawing';
	import { type DrawingDecision } from '../../schema';

	/** A drawing of one's own, read in from a file. */
	let { onread }: { onread: (drawing: DrawingDecision) => void } = $props();

	async function bring(field: HTMLInputElement) {
		const file = field.files?.[0];
		field.value = '';
		if (!file) return;
		const name = file.name.replace(/\.svg$/i, '');
		const drawn = await readBrought({ name, text: () => file.text(), size: file.size });
		if (drawn) onread(drawn);
	}
</script>

<div class="bring">
	<label class="act main">
		Read in a drawing
		<input
			type="file"
			class="unseen"
			accept=".svg,image/svg+xml"
			onchange={(event) => void bring(event.currentTarget)}
		/>
	</label>
	<p>An SVG file, also dropped on the page or pasted: its closed shapes become regions, divided where they cross.</p>
</div>

<style>
	.bring {
		display: grid;
		gap: 8px;
		justify-items: start;
		padding: 4px 18px 10px;
		font-size: 12px;
	}
	.bring p {
		color: var(--soft);
	}
	.bring label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
</style>
