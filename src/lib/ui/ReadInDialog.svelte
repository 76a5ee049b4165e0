<script lang="ts">
	import { isPictureFile, textOf } from '$lib/client/files';
	import { readColoursApart } from '$lib/client/reading';
	import { codesOf } from '$lib/core/colour/codes';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { readColour } from '$lib/core/colour/read';
	import { show } from '$lib/core/colour/shown';
	import { type FoundColours } from '$lib/core/format/any-text';
	import { type NamedColour } from '$lib/core/format/colour-list';
	import { isSeeThrough, onWhite } from '$lib/core/colour/opaque';
	import { Problem } from '$lib/core/problem';
	import { asLine } from '$lib/model/line';
	import { type PaletteColour as ReadColour } from '$lib/model/palette';
	import Sheet from './Sheet.svelte';

	interface Props {
		open: boolean;
		/** How many more colours there is room for, and where: "study". */
		room: number;
		where: string;
		/** What one of them becomes: "linked colour". */
		becomes: string;
		onadd: (colours: readonly ReadColour[]) => void;
	}

	/**
	 * Colours out of any file or text, shown before anything changes; the chosen ones are added. A file dropped anywhere on
	 * the page, and a text pasted where no field is written in, open it.
	 */
	let { open = $bindable(), room, where, becomes, onadd }: Props = $props();

	/** What was dropped or pasted; can be changed here. */
	let text = $state('');

	interface Result extends FoundColours {
		readonly complaint: string;
	}
	const NOTHING: Result = { colours: [], unread: [], complaint: '' };
	let result = $state.raw(NOTHING);

	$effect(() => {
		const read = text;
		if (read.trim() === '') {
			result = NOTHING;
			return;
		}
		readColoursApart(read).then(
			// What was typed meanwhile is read too, and only that is shown.
			(found) => read === text && (result = { ...found, complaint: '' }),
			(error: unknown) => {
				if (!(error instanceof Problem)) throw error;
				if (read === text) result = { ...NOTHING, complaint: `${error.message} Expected: ${error.expected}.` };
			}
		);
	});
	let left = $state<Record<number, boolean>>({});
	const taken = $derived(result.colours.filter((_, i) => !left[i]));

	$effect(() => {
		// Another text begins with all of its colours chosen.
		void text;
		left = {};
	});

	/** A code in place of a colour that lets something through: what it is laid over white. */
	const opaqueText = (given: string): string => {
		const colour = readColour(given);
		return isSeeThrough(colour) ? onWhite(colour) : given;
	};
	const laid = $derived(result.colours.filter(({ text: given }) => opaqueText(given) !== given).length);

	/** A colour as it can be stored: CSS, opaque, and with a name. */
	function storable({ name, text: given }: NamedColour): ReadColour {
		const colour = readColour(given);
		const stored = isSeeThrough(colour) ? onWhite(colour) : colour.space === 'hsb' ? codesOf(colour).hex : given.trim();
		const words = colourWords(show(readColour(stored)).linear);
		return { name: asLine(name?.trim() || words), text: stored };
	}

	function add() {
		onadd(taken.map(storable));
		open = false;
		text = '';
	}

	const carriesFile = ({ dataTransfer }: DragEvent): boolean => dataTransfer?.types.includes('Files') ?? false;

	async function drop(event: DragEvent) {
		const file = event.dataTransfer?.files[0];
		// Pictures are taken where there are plates for them.
		if (!file || isPictureFile(file)) return;
		event.preventDefault();
		text = await textOf(file);
		open = true;
	}

	function paste(event: ClipboardEvent) {
		const pasted = event.clipboardData?.getData('text/plain') ?? '';
		const writing = event.target instanceof HTMLElement && event.target.matches('input, textarea');
		if (writing || pasted.trim() === '' || open) return;
		// Or the field of the dialog, which takes the focus, would take it a second time.
		event.preventDefault();
		text = pasted;
		open = true;
	}

	async function choose(field: HTMLInputElement) {
		const file = field.files?.[0];
		field.value = '';
		if (file) text = await textOf(file);
	}
</script>

<svelte:window
	ondragover={(event) => carriesFile(event) && event.preventDefault()}
	ondrop={(event) => void drop(event)}
	onpaste={paste}
/>

<Sheet title="Read in colours" bind:open wide>
	<div class="read">
		<div>
			<label>
				<span
					>Paste any text with CSS colours, or drop or choose a file: CSS, design tokens, CSV, CGATS.17, JSON or SVG</span
				>
				<textarea class="field" rows="9" spellcheck="false" bind:value={text}></textarea>
			</label>
			<label class="act file">
				Choose a file
				<input
					type="file"
					accept=".css,.json,.csv,.txt,.svg,.cgats,text/*"
					onchange={(event) => void choose(event.currentTarget)}
				/>
			</label>
		</div>
		<div class="found">
			{#if result.complaint}
				<p role="alert">{result.complaint}</p>
			{:else if result.colours.length === 0}
				<p>What is found is shown here. Nothing changes before you add it.</p>
			{:else}
				{#if laid > 0}
					<p role="status">
						{laid === 1 ? 'One colour lets' : `${laid} colours let`} something through: laid over white, as the list says.
					</p>
				{/if}
				<ul>
					{#each result.colours as colour, i (i)}
						<li>
							<label>
								<input
									type="checkbox"
									checked={!left[i]}
									onchange={(event) => (left = { ...left, [i]: !event.currentTarget.checked })}
								/>
								<i style:background={show(readColour(opaqueText(colour.text))).hex}></i>
								<span>{colour.name ?? colourWords(show(readColour(opaqueText(colour.text))).linear)}</span>
								<small
									>{colour.text}{opaqueText(colour.text) === colour.text
										? ''
										: `, on white ${opaqueText(colour.text)}`}</small
								>
							</label>
						</li>
					{/each}
				</ul>
				{#if result.unread.length > 0}
					<p class="unread">Not read:</p>
					<ul class="unread">
						{#each result.unread as { text: given, why }, i (i)}<li><b>{given}</b> {why}</li>{/each}
					</ul>
				{/if}
			{/if}
		</div>
	</div>
	{#snippet footer()}
		<button class="act main" disabled={taken.length === 0 || taken.length > room} onclick={add}>
			Add {taken.length}
			{becomes}{taken.length === 1 ? '' : 's'}
		</button>
		<button class="act" onclick={() => (open = false)}>Cancel</button>
		{#if taken.length > room}<p role="alert">The {where} has room for {room} more: leave some out.</p>{/if}
	{/snippet}
</Sheet>

<style>
	.read {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 18px;
		font-size: 12.5px;
	}
	.read > div:first-child {
		display: grid;
		align-content: start;
		gap: 8px;
	}
	textarea {
		margin-top: 5px;
		resize: vertical;
	}
	.found {
		max-height: 330px;
		overflow-y: auto;
	}
	ul {
		display: grid;
		gap: 4px;
		margin: 0;
		padding: 3px;
		list-style: none;
	}
	li label {
		display: grid;
		grid-template-columns: auto 24px minmax(0, 1fr) auto;
		align-items: center;
		gap: 8px;
	}
	i {
		width: 24px;
		height: 24px;
	}
	.unread {
		max-height: 110px;
		margin-top: 8px;
		overflow-y: auto;
	}
	small {
		overflow: hidden;
		max-width: 150px;
		color: var(--soft);
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	input {
		accent-color: var(--ink);
	}
	@media (max-width: 800px) {
		.read {
			grid-template-columns: 1fr;
		}
	}
</style>
