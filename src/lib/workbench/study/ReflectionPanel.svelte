<script lang="ts">
	import { MOST_REFLECTION } from '$lib/study/parts';
	import { plainText } from '$lib/study/plain-text';
	import { countWords } from '$lib/study/count-words';
	import { writeReflection } from '$lib/study/edits';
	import { type Workbench } from './workbench.svelte';

	/** What the maker writes on the study as a whole. */
	let { workbench }: { workbench: Workbench } = $props();

	const text = $derived(workbench.document.reflection ?? '');
	const count = $derived(countWords(text));
	const asked = $derived(workbench.document.answers?.terms.words ?? 0);

	const write = (typed: string) =>
		workbench.edit('Write the reflection', writeReflection(plainText(typed)), 'reflection');
</script>

<section aria-label="Reflection">
	<label for="reflection">What I tried, what I saw, what I would do otherwise</label>
	<textarea
		id="reflection"
		maxlength={MOST_REFLECTION}
		value={text}
		oninput={(event) => write(event.currentTarget.value)}></textarea>
	<p>
		{count}
		{count === 1 ? 'word' : 'words'}{asked > 0 ? `; the brief asks for ${asked} or more` : ''}. It is printed after the
		plates when the whole study is printed.
	</p>
</section>

<style>
	section {
		display: flex;
		flex-direction: column;
		gap: 8px;
		min-height: 100%;
		padding: 14px 18px;
	}
	textarea {
		min-height: 320px;
		padding: 8px 10px;
		border: 1px solid var(--edge);
		border-radius: 0;
		background: #fff;
		color: var(--ink);
		font: 400 14.5px/1.45 var(--font-serif);
		resize: vertical;
	}
	label,
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
