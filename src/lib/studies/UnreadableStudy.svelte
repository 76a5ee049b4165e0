<script lang="ts">
	import { goto } from '$app/navigation';
	import { deleteStudy, restoreStudy } from '$lib/client/studies';
	import Mark from '$lib/ui/Mark.svelte';
	import { notices } from '$lib/ui/notices.svelte';

	/** Stands for a study whose stored document cannot be read: why, and what can still be done with it. */
	let { id, reason }: { id: string; reason: string } = $props();

	async function remove() {
		try {
			await deleteStudy(id);
			await goto('/');
			notices.say('The study that could not be read is deleted.', {
				label: 'Undo',
				run: () => void restoreStudy(id).catch(() => notices.say('It could not be brought back.'))
			});
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'It could not be deleted.');
		}
	}
</script>

<svelte:head><title>A study that cannot be read · Ricercar</title></svelte:head>
<main id="content" tabindex="-1">
	<Mark />
	<h1>This study cannot be read</h1>
	<p>It is stored under {id}. {reason}</p>
	<p>Nothing was changed. Take its text away to keep it, or delete it.</p>
	<p class="acts">
		<a class="act" href="/api/studies/{id}/document.json" download="{id}.json">Take its text away</a>
		<button class="act" onclick={remove}>Delete it</button>
		<a class="act" href="/">To the studies</a>
	</p>
</main>

<style>
	main {
		display: grid;
		gap: 14px;
		max-width: 560px;
		margin: 12vh auto;
		padding: 0 24px;
	}
	h1 {
		font-size: 26px;
		line-height: 1.2;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
</style>
