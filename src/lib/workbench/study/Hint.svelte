<script lang="ts">
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import { onMount } from 'svelte';
	import { hintsDone, keepHintDone } from '$lib/client/hints-done';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { settableHeld } from '../mixer/subject';
	import { type Workbench } from './workbench.svelte';

	/** One line where a newcomer may hesitate: gone once what it says is done, or when it is put away; never in anyone's way. */
	let { workbench }: { workbench: Workbench } = $props();

	/** In the order of a first minute; each with the last edit, or the state, that shows that it is known. */
	/** Whether anything of the open plate is set by hand: what only follows has no tracks and no lists to try. */
	const isSet = $derived(workbench.held?.kind === 'linked' || settableHeld(workbench) !== null);
	const HINTS = [
		{
			key: 'turn',
			fits: () => isSet,
			says: 'Turn a track in the mixer: all that has this colour follows.',
			known: () => /^Set /.test(workbench.canUndo ?? '')
		},
		{
			key: 'try',
			fits: () => isSet,
			says: 'Open a list in the bar and point at a choice: it is tried on the plate before you take it.',
			known: () => workbench.isTried
		},
		{
			key: 'write',
			fits: () => true,
			says: 'A title, a row’s name and a caption are yours to write: double click them.',
			known: () => /^(Rename|Name a row|Write)/.test(workbench.canUndo ?? '')
		}
	] as const;

	let done = $state.raw<readonly string[] | null>(null);
	onMount(() => (done = hintsDone()));

	function putAway(key: string) {
		keepHintDone(key);
		done = [...(done ?? []), key];
	}

	/** Only whoever makes something needs them, not whoever looks at a study. */
	const hint = $derived(
		workbench.canUndo === null || done === null ? null : HINTS.find(({ key, fits }) => !done!.includes(key) && fits())
	);
	$effect(() => {
		if (hint?.known()) putAway(hint.key);
	});
</script>

{#if hint}
	<p role="note">
		{hint.says}
		<IconButton label="Put this hint away" title="Put it away" onclick={() => putAway(hint.key)} icon={CloseOutline} />
	</p>
{/if}

<style>
	p {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
		margin: 0;
		padding: 4px 8px 4px 18px;
		border-bottom: 1px solid var(--rule);
		font: italic 14px/1.25 var(--font-serif);
		background: var(--panel-low);
	}
</style>
