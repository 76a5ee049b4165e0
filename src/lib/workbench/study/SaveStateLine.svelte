<script lang="ts">
	import { type Saver } from './saver.svelte';

	/** Says at all times whether the work is safe. */
	let { saver }: { saver: Saver } = $props();

	const kept = $derived(
		saver.isKeptHere === false
			? 'This browser keeps nothing: leave this page open until'
			: 'Your edits are kept in this browser until'
	);
	const words = $derived.by(() => {
		const { state } = saver;
		switch (state.kind) {
			case 'saved':
				return `Saved, revision ${saver.revision}`;
			case 'waiting':
			case 'saving':
				return 'Saving…';
			case 'unreachable':
				return `Not saved: the server cannot be reached. ${kept} it is back.`;
			case 'failing':
				return `Not saved. ${state.reason} ${kept} then.`;
			case 'stale':
				return 'Not saved: changed elsewhere';
			case 'deleted':
				return 'Not saved: the study was deleted';
			case 'refused':
				return `Not saved. ${state.reason}`;
		}
	});
	const calm = $derived(['saved', 'waiting', 'saving'].includes(saver.state.kind));
</script>

<span class="state" class:calm role="status" data-save={saver.state.kind}
	>{#if !calm}<b>!</b>{/if}{words}</span
>

<style>
	.state {
		max-width: 420px;
		padding: 1px 8px;
		border: 1px solid var(--ink);
		font-size: 12px;
		line-height: 1.2;
	}
	.state.calm {
		padding: 0;
		border: 0;
		color: var(--soft);
	}
	b {
		margin-right: 6px;
	}
</style>
