<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import ArrowDownOutline from 'flowbite-svelte-icons/ArrowDownOutline.svelte';
	import ArrowUpOutline from 'flowbite-svelte-icons/ArrowUpOutline.svelte';
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import { codesOf } from '$lib/core/colour/codes';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { readColour } from '$lib/core/colour/read';
	import { readPasted } from '$lib/core/colour/read-pasted';
	import { show } from '$lib/core/colour/shown';
	import { isSeeThrough, onWhite } from '$lib/core/colour/opaque';
	import { Problem } from '$lib/core/problem';
	import { MOST_COLOURS, MOST_TAGS, LONGEST_TAG, type Palette, type PaletteColour } from '$lib/model/palette';
	import { MOST_LETTERS } from '$lib/model/line';
	import ReadInDialog from '$lib/ui/ReadInDialog.svelte';
	import { type Library } from './library.svelte';

	let { library, palette }: { library: Library; palette: Palette } = $props();

	let reading = $state(false);
	let complaint = $state<{ at: number | 'new'; words: string; offer?: string } | null>(null);
	let typed = $state('');

	const wordsOf = (text: string): string => colourWords(show(readColour(text)).linear);

	const set = (label: string, colours: PaletteColour[]) => library.change(palette.id, label, { colours });

	const withColour = (index: number, change: Partial<PaletteColour>): PaletteColour[] =>
		palette.colours.map((colour, i) => (i === index ? { ...colour, ...change } : colour));

	/** A typed colour as it can be stored, or null where it is none: then the reason is shown at its field. */
	function read(text: string, at: number | 'new'): string | null {
		complaint = null;
		try {
			const { colour, text: css } = readPasted(text);
			if (isSeeThrough(colour)) {
				const percent = Math.round(100 * colour.alpha);
				complaint = { at, words: `Colours here are opaque; this one is ${percent} % opaque.`, offer: onWhite(colour) };
				return null;
			}
			return colour.space === 'hsb' ? codesOf(colour).hex : css;
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
			complaint = { at, words: `${error.message} Expected: ${error.expected}.` };
			return null;
		}
	}

	function setText(field: HTMLInputElement, index: number) {
		const text = read(field.value, index);
		if (text !== null) put(text, index);
		else field.value = palette.colours[index]!.text;
	}

	/** Another colour in a place; a name that was only its words follows. */
	function put(text: string, index: number) {
		const { text: before, name } = palette.colours[index]!;
		if (text === before) return;
		set('Set a colour', withColour(index, { text, name: name === wordsOf(before) ? wordsOf(text) : name }));
	}

	/** Takes what was offered in place of a colour that lets something through. */
	function takeOffer({ at, offer }: NonNullable<typeof complaint>) {
		complaint = null;
		if (at === 'new') typed = offer ?? '';
		else if (offer) put(offer, at);
	}

	function setName(field: HTMLInputElement, index: number) {
		const name = field.value.trim();
		if (name === '') field.value = palette.colours[index]!.name;
		else if (name !== palette.colours[index]!.name) set('Rename a colour', withColour(index, { name }));
	}

	function add() {
		const text = read(typed, 'new');
		if (text === null) return;
		set('Add a colour', [...palette.colours, { name: wordsOf(text), text }]);
		typed = '';
	}

	function move(index: number, by: number) {
		const colours = [...palette.colours];
		const [colour] = colours.splice(index, 1);
		colours.splice(index + by, 0, colour!);
		set('Move a colour', colours);
	}

	function setTags(field: HTMLInputElement) {
		const words = field.value.split(',').map((tag) => tag.trim().toLowerCase().slice(0, LONGEST_TAG));
		const tags = [...new Set(words.filter(Boolean))].slice(0, MOST_TAGS);
		field.value = tags.join(', ');
		if (tags.join(',') !== palette.tags.join(',')) library.change(palette.id, 'Change the tags', { tags });
	}
</script>

<section aria-label="The palette {palette.name}">
	<h2>{palette.name}</h2>
	<div class="about">
		<label>
			Made by
			<input
				class="field"
				value={palette.maker}
				maxlength={MOST_LETTERS}
				onchange={(event) =>
					library.change(palette.id, 'Change the maker', { maker: event.currentTarget.value.trim() })}
			/>
		</label>
		<label>
			Tags, with commas between
			<input class="field" value={palette.tags.join(', ')} onchange={(event) => setTags(event.currentTarget)} />
		</label>
	</div>
	<ol>
		{#each palette.colours as colour, i (i)}
			<li>
				<i style:background={show(readColour(colour.text)).hex}></i>
				<input
					class="field"
					value={colour.name}
					maxlength={MOST_LETTERS}
					aria-label="Name of colour {i + 1}"
					onchange={(event) => setName(event.currentTarget, i)}
				/>
				<input
					class="field code"
					value={colour.text}
					spellcheck="false"
					aria-label="Code of colour {i + 1}"
					aria-invalid={complaint?.at === i}
					onchange={(event) => setText(event.currentTarget, i)}
				/>
				<IconButton
					label="Move {colour.name} up"
					disabled={i === 0}
					onclick={() => move(i, -1)}
					icon={ArrowUpOutline}
				/>
				<IconButton
					label="Move {colour.name} down"
					disabled={i === palette.colours.length - 1}
					onclick={() => move(i, 1)}
					icon={ArrowDownOutline}
				/>
				<IconButton
					label="Take {colour.name} out"
					onclick={() =>
						set(
							'Take a colour out',
							palette.colours.filter((_, other) => other !== i)
						)}
					icon={CloseOutline}
				/>
				{#if complaint?.at === i}{@render complaining(complaint)}{/if}
			</li>
		{/each}
	</ol>
	{#if palette.colours.length < MOST_COLOURS}
		<form
			onsubmit={(event) => {
				event.preventDefault();
				add();
			}}
		>
			<input
				class="field code"
				bind:value={typed}
				placeholder="any CSS colour"
				spellcheck="false"
				aria-label="A further colour, in any CSS syntax"
				aria-invalid={complaint?.at === 'new'}
			/>
			<button class="act" disabled={typed.trim() === ''}>Add a colour</button>
			<button class="act" type="button" onclick={() => (reading = true)}>Read in colours</button>
		</form>
		{#if complaint?.at === 'new'}{@render complaining(complaint)}{/if}
	{/if}
</section>

{#snippet complaining(about: NonNullable<typeof complaint>)}
	<p role="alert">{about.words}</p>
	{#if about.offer}
		<button class="act" type="button" onclick={() => takeOffer(about)}>Take {about.offer}, as it is on white</button>
	{/if}
{/snippet}

<ReadInDialog
	bind:open={reading}
	room={MOST_COLOURS - palette.colours.length}
	where="palette"
	becomes="colour"
	onadd={(colours) => set('Read in colours', [...palette.colours, ...colours])}
/>

<style>
	section {
		display: grid;
		align-content: start;
		gap: 14px;
		padding: 20px 24px 26px;
		background: #fff;
		outline: 1px solid #00000030;
	}
	h2 {
		font-size: 24px;
		line-height: 1.15;
	}
	.about {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 14px;
		font-size: 12px;
		color: var(--soft);
	}
	ol {
		display: grid;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 72px minmax(0, 1fr) 150px auto auto auto;
		align-items: center;
		gap: 0 6px;
	}
	i {
		align-self: stretch;
		min-height: 38px;
	}
	li i {
		margin-right: 6px;
	}
	p {
		grid-column: 2 / -1;
		font-size: 12.5px;
	}
	form {
		display: flex;
		gap: 8px;
	}
	form .code {
		width: 200px;
	}
	@media (max-width: 800px) {
		.about {
			grid-template-columns: 1fr;
		}
		li {
			grid-template-columns: 40px minmax(0, 1fr) 100px auto;
		}
		form {
			flex-wrap: wrap;
		}
	}
</style>
