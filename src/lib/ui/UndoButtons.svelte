<script lang="ts">
	import { isWriting } from './is-writing';
	import IconButton from '$lib/ui/IconButton.svelte';
	import RedoOutline from 'flowbite-svelte-icons/RedoOutline.svelte';
	import UndoOutline from 'flowbite-svelte-icons/UndoOutline.svelte';

	/** What can be taken back and done again; `canUndo` and `canRedo` say what, or are null. */
	interface Undoable {
		readonly canUndo: string | null;
		readonly canRedo: string | null;
		undo(): void;
		redo(): void;
	}

	/** Undo and redo, as buttons, and by Ctrl Z, Ctrl Shift Z and Ctrl Y on the whole page; in a field the keys are the field's own. */
	let { of }: { of: Undoable } = $props();

	const undoWords = $derived(`Undo${of.canUndo ? `: ${of.canUndo}` : ''}`);
	const redoWords = $derived(`Redo${of.canRedo ? `: ${of.canRedo}` : ''}`);

	function undoByKey(event: KeyboardEvent) {
		if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
		const key = event.key.toLowerCase();
		if (isWriting(event.target) || (key !== 'z' && key !== 'y')) return;
		event.preventDefault();
		if (key === 'y' || event.shiftKey) of.redo();
		else of.undo();
	}
</script>

<svelte:window onkeydown={undoByKey} />
<div>
	<IconButton
		label={undoWords}
		title="{undoWords} (Ctrl Z)"
		disabled={!of.canUndo}
		onclick={() => of.undo()}
		icon={UndoOutline}
	/>
	<IconButton
		label={redoWords}
		title="{redoWords} (Ctrl Shift Z)"
		disabled={!of.canRedo}
		onclick={() => of.redo()}
		icon={RedoOutline}
	/>
</div>

<style>
	div {
		display: flex;
	}
</style>
