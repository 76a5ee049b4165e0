<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { type SaveState } from './saver.svelte';

	interface Props {
		state: SaveState;
		onreload: () => void;
		oncopy: () => void;
	}

	/** Shown when a save was refused because somebody else's came first, or the study is gone. Nothing is lost either way. */
	let { state, onreload, oncopy }: Props = $props();
</script>

<Sheet
	permanent
	title={state.kind === 'deleted' ? 'This study was deleted' : 'This study was changed elsewhere'}
	open={state.kind === 'stale' || state.kind === 'deleted'}
>
	{#if state.kind === 'deleted'}
		<p>It was deleted elsewhere while you worked on it. You can keep what you have as a new study.</p>
	{:else}
		<p>
			Your last edits were not saved over it. Load what was saved there (undo brings your edits back), or keep what you
			have as a copy beside it.
		</p>
	{/if}
	{#snippet footer()}
		<Button class="act main" onclick={oncopy}>Keep mine as a copy</Button>
		{#if state.kind === 'stale'}<Button class="act" onclick={onreload}>Load the other</Button>{/if}
	{/snippet}
</Sheet>
