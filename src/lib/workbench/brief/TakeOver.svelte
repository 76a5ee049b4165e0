<script lang="ts">
	import { oursOfFile, whyNot } from '$lib/client/ours-in';
	import { type Brief } from '$lib/study/brief/brief';
	import { changesOf, takenOver } from '$lib/study/brief/take-over';
	import FileButton from '$lib/ui/FileButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { type Workbench } from '../study/workbench.svelte';

	/** Takes over a newer version of the brief; what it changes is shown first, and no work is lost. */
	let { workbench, brief }: { workbench: Workbench; brief: Brief } = $props();

	let newer = $state.raw<Brief | null>(null);
	let open = $state(false);
	const changes = $derived(newer ? changesOf(brief, newer) : []);

	async function read([file]: readonly File[]) {
		if (!file) return;
		try {
			const ours = await oursOfFile(file);
			if (ours.what !== 'brief') return notices.say(`“${file.name}” is no brief.`);
			if (ours.brief.terms.id !== brief.terms.id)
				return notices.say(`“${ours.brief.title}” is another brief. It is taken up where the studies are.`);
			newer = ours.brief;
			open = true;
		} catch (error) {
			notices.say(whyNot(file, error));
		}
	}

	function take() {
		if (!newer) return;
		const taken = newer;
		open = false;
		workbench.edit('Take over a newer brief', (study) => takenOver(study, taken));
		notices.say('The newer brief is taken over.', { label: 'Undo', run: () => workbench.undo() });
	}
</script>

<FileButton label="Take over a newer version …" accept=".json,application/json" onfiles={(files) => void read(files)} />

<Sheet bind:open title="A newer version of the brief">
	{#if changes.length === 0}
		<p>It asks and gives the same as the one that you have.</p>
	{:else}
		<p>What it changes:</p>
		<ul>
			{#each changes as change, i (i)}<li>{change}</li>{/each}
		</ul>
		<p>Your plates stay as they are.</p>
	{/if}
	{#snippet footer()}
		<button class="act main" disabled={changes.length === 0} onclick={take}>Take it over</button>
		<button class="act" onclick={() => (open = false)}>Leave it</button>
	{/snippet}
</Sheet>

<style>
	ul {
		display: grid;
		gap: 5px;
		margin: 8px 0;
		padding-left: 16px;
		list-style: disc;
	}
</style>
