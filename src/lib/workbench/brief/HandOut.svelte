<script lang="ts">
	import { download, plainName } from '$lib/client/files';
	import { type Brief } from '$lib/study/brief/brief';
	import { writeBriefFile } from '$lib/study/brief/brief-file';
	import { PAPER_WORDS, PAPERS, type Paper } from '$lib/study/print';
	import { downloadBriefSheet } from '../study/take-away';
	import { whileMade } from '../study/while-made';
	import { type Workbench } from '../study/workbench.svelte';

	/** A brief handed out: one file that is taken up, and a printed sheet to be worked by hand. */
	let { workbench, id, brief }: { workbench: Workbench; id: string; brief: Brief } = $props();

	let paper = $state<Paper>('a4');

	const file = () =>
		download(`${plainName(brief.title)}.brief.json`, new Blob([writeBriefFile(brief)], { type: 'application/json' }));

	const sheet = () =>
		whileMade('the sheet', (making) => downloadBriefSheet(workbench.document, brief, { paper, across: true }, making));
</script>

<section aria-label="Hand it out">
	<h3>Hand it out</h3>
	<p class="acts">
		<button class="act" onclick={file}>As a file</button>
		<button class="act" disabled={brief.plates.length === 0} onclick={() => void sheet()}>As a printed sheet</button>
		<select class="field" bind:value={paper} aria-label="Paper of the sheet">
			{#each PAPERS as each (each)}<option value={each}>{PAPER_WORDS[each]}</option>{/each}
		</select>
	</p>
	<p>Whoever has the file reads it in where their studies are: a study begins with what is given.</p>
	<p><a class="act" href="/studies/{id}/pin-up">Pin up what was handed in</a></p>
</section>

<style>
	section {
		display: grid;
		gap: 6px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	h3 {
		font: 500 16px/1.2 var(--font-serif);
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
</style>
