<script lang="ts">
	import { PAPER_WORDS, PAPERS, type PageLayout } from '$lib/study/print';
	import Sheet from '$lib/ui/Sheet.svelte';
	import PrintPreview from './PrintPreview.svelte';
	import { downloadPdf, printRequest, PRINTED_AS, type PrintedAs } from './take-away';
	import { whileMade } from './while-made';
	import { type Workbench } from './workbench.svelte';

	/** What is printed, and on which paper. */
	let { open = $bindable(), workbench }: { open: boolean; workbench: Workbench } = $props();

	let page = $state<PageLayout>({ paper: 'a4', across: true });
	let whole = $state(true);
	let codes = $state(false);
	let as = $state<PrintedAs>('stands');

	const AS_WORDS: Readonly<Record<PrintedAs, string>> = {
		stands: 'as it stands',
		questions: 'a hand-out without the answers: predictions, solutions and codes of exercises left out',
		answers: 'a hand-out with the answers'
	};

	const plates = $derived.by(() => {
		if (whole) return workbench.document.plates;
		return workbench.plate ? [workbench.plate] : [];
	});

	function print() {
		open = false;
		const { document } = workbench;
		void whileMade('the PDF', (making) => downloadPdf(document, { plates, page, as, codes }, making));
	}
</script>

<Sheet title="Print, as PDF" bind:open>
	{#if open && plates.length > 0}
		<PrintPreview request={printRequest(workbench.document, { plates, page, as, codes })} />
	{/if}
	<div class="printed">
		<fieldset>
			<legend>What</legend>
			<label><input type="radio" name="what" bind:group={whole} value={true} /> the whole study</label>
			<label><input type="radio" name="what" bind:group={whole} value={false} /> this plate</label>
		</fieldset>
		<fieldset>
			<legend>How</legend>
			{#each PRINTED_AS as each (each)}
				<label><input type="radio" name="as" bind:group={as} value={each} /> {AS_WORDS[each]}</label>
			{/each}
		</fieldset>
		<fieldset>
			<legend>Paper</legend>
			{#each PAPERS as paper (paper)}
				<label><input type="radio" name="paper" bind:group={page.paper} value={paper} /> {PAPER_WORDS[paper]}</label>
			{/each}
		</fieldset>
		<fieldset>
			<legend>Laid</legend>
			<label><input type="radio" name="across" bind:group={page.across} value={true} /> across, one plate a page</label>
			<label
				><input type="radio" name="across" bind:group={page.across} value={false} /> upright, plates under each other</label
			>
		</fieldset>
		<fieldset>
			<legend>Title block</legend>
			<label
				><input type="checkbox" bind:checked={codes} disabled={as === 'questions'} /> with the codes of mixes and grounds</label
			>
		</fieldset>
		<p>
			The title block stands at the foot of each page. Its colours are those of the screen (sRGB); a printer shows them
			its own way.
		</p>
	</div>
	{#snippet footer()}
		<button class="act main" disabled={plates.length === 0} onclick={print}>Save the PDF</button>
		<button class="act" onclick={() => (open = false)}>Cancel</button>
	{/snippet}
</Sheet>

<style>
	.printed {
		display: grid;
		gap: 12px;
	}
	fieldset {
		display: grid;
		gap: 4px;
	}
	legend {
		margin-bottom: 3px;
		font: 500 15px/1.2 var(--font-serif);
	}
	label {
		display: flex;
		align-items: center;
		gap: 7px;
	}
	input {
		accent-color: var(--ink);
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
