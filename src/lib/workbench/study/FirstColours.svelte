<script lang="ts">
	import { tick } from 'svelte';
	import { readColoursApart } from '$lib/client/reading';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { isSeeThrough, onWhite } from '$lib/core/colour/opaque';
	import { readPasted } from '$lib/core/colour/read-pasted';
	import { fit, show } from '$lib/core/colour/shown';
	import { Problem } from '$lib/core/problem';
	import { seenHex } from '$lib/drawing/view';
	import { MOST_LINKED } from '$lib/model/linked';
	import { asLine } from '$lib/model/line';
	import { capital } from '$lib/model/surroundings';
	import { loadBenches } from '$lib/plates/benches.svelte';
	import { begunWith, WORKSHOP_COLOURS } from '$lib/study/new-study';
	import PaletteChoice from '../palettes/PaletteChoice.svelte';
	import { type Workbench } from './workbench.svelte';

	/** The first colours of a study that has none: three of one's own, those of a palette, or the workshop's. */
	let { workbench }: { workbench: Workbench } = $props();

	/** One that nobody has named, and one of a palette that somebody has. */
	type BegunColour = Parameters<typeof begunWith>[1][number];

	const ORDINALS = ['First', 'Second', 'Third'] as const;
	let texts = $state(['', '', '']);
	let complaint = $state('');

	/** A colour that nobody has named. */
	function machineNamed(text: string, colour = readPasted(text).colour): BegunColour {
		return { name: asLine(capital(colourWords(fit(colour).linear))), text, namedBy: 'machine' };
	}

	/** What a text comes to: a linked colour, with what is seen of it, or a word on what is wrong; null where it is empty. */
	function readOne(text: string): { colour: BegunColour; hex: string } | { complaint: string } | null {
		if (text.trim() === '') return null;
		try {
			const { colour, text: css } = readPasted(text);
			const seeThrough = isSeeThrough(colour);
			const stored = seeThrough ? onWhite(colour) : css;
			const { hex } = show(seeThrough ? readPasted(stored).colour : colour);
			return { colour: machineNamed(stored, colour), hex };
		} catch (error) {
			if (error instanceof Problem)
				return {
					complaint: `“${text.trim().slice(0, 40)}” is no colour. ${error.message} Expected: ${error.expected}.`
				};
			throw error;
		}
	}

	const read = $derived(texts.map(readOne));
	/** What is seen of each text that is a colour. */
	const seen = $derived(read.map((each) => (each && 'hex' in each ? seenHex(workbench.view, each.hex) : null)));

	/** Goes on at what decides the first row, since what was pressed is gone with it. */
	async function beginWith(colours: readonly BegunColour[]) {
		workbench.edit('Begin with colours', (study) => begunWith(study, colours.slice(0, MOST_LINKED)));
		// The first plate of its kind is shown when its part of the page has come.
		await loadBenches(workbench.decided.plates);
		await tick();
		document.querySelector<HTMLElement>('.bar button')?.focus();
	}

	/** The colours of a text that is no single one: a list, as people paste it. */
	async function listOf(text: string): Promise<readonly BegunColour[]> {
		try {
			const { colours } = await readColoursApart(text);
			return colours.map(({ name, text: css }) => (name ? { name: asLine(name), text: css } : machineNamed(css)));
		} catch (error) {
			if (error instanceof Problem) return [];
			throw error;
		}
	}

	async function begin(event: SubmitEvent) {
		event.preventDefault();
		const found = await Promise.all(
			read.map(async (each, i) => {
				if (!each) return [];
				if ('colour' in each) return [each.colour];
				const list = await listOf(texts[i]!);
				return list.length > 0 ? list : each.complaint;
			})
		);
		const colours = found.flatMap((each) => (typeof each === 'string' ? [] : each));
		const wrong = found.find((each) => typeof each === 'string');
		complaint = wrong ?? (colours.length === 0 ? 'No colour yet. Type or paste one, such as #b3392b or “teal”.' : '');
		if (complaint === '') void beginWith(colours);
	}

	/** Several colours pasted at once take a field each, from the one on; more than there are fields stay together, as a list. */
	async function paste(event: ClipboardEvent, at: number) {
		const pasted = event.clipboardData?.getData('text/plain') ?? '';
		if (!/[\n;]|#.*#/.test(pasted.trim())) return;
		event.preventDefault();
		const colours = await listOf(pasted);
		if (colours.length === 0)
			complaint = 'What was pasted holds no colour. Expected: codes such as #b3392b, or names of CSS.';
		else if (colours.length <= texts.length - at) texts = texts.map((text, i) => colours[i - at]?.text ?? text);
		else texts[at] = colours.map(({ text }) => text).join(', ');
	}
</script>

<form onsubmit={begin} aria-label="Three colours of mine">
	<h2>Three colours of mine</h2>
	<p>One to three, or a list in one field, typed or pasted as they come: #b3392b, rgb(179 57 43), teal.</p>
	<div class="fields">
		{#each ORDINALS as ordinal, i (ordinal)}
			<label>
				<i style:background={seen[i]}></i>
				<input
					class="field"
					aria-label="{ordinal} colour"
					spellcheck="false"
					autocomplete="off"
					maxlength="4000"
					bind:value={texts[i]}
					onpaste={(event) => void paste(event, i)}
				/>
			</label>
		{/each}
	</div>
	{#if complaint}<p role="alert">{complaint}</p>{/if}
	<div class="acts">
		<button class="act main">Begin with these</button>
		<PaletteChoice
			{workbench}
			label="Begin with a palette"
			tries={false}
			onchoose={({ colours }) => void beginWith(colours)}
		/>
		<button type="button" class="act" onclick={() => void beginWith(WORKSHOP_COLOURS)}
			>Begin with madder, weld and woad</button
		>
	</div>
</form>

<style>
	form {
		display: grid;
		gap: 8px;
		width: 100%;
	}
	h2 {
		font-size: 18px;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 10px;
	}
	label {
		display: grid;
		gap: 3px;
	}
	i {
		height: 56px;
		border-bottom: 1px solid var(--edge);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 7px;
	}
	@media (max-width: 600px) {
		.fields {
			grid-template-columns: 1fr;
		}
	}
</style>
