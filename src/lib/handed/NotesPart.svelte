<script lang="ts">
	import { z } from 'zod';
	import { keepHere, readHere } from '$lib/client/kept-here';
	import { newId } from '$lib/model/ids';
	import { plainText } from '$lib/study/plain-text';
	import { type HandInLine } from '$lib/study/handed/requests';
	import { MOST_NOTE, MOST_NOTES, type Note } from '$lib/study/handed/returned';
	import { notices } from '$lib/ui/notices.svelte';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		line: HandInLine;
		called: string;
		/** The plate that is looked at, by its id; null where the brief has none. */
		plate: string | null;
		/** Where the next note is to be pinned; null for beside the plate. */
		at: Note['at'];
		/** Asks for a place, or takes that back. */
		onpin: (pinning: boolean) => void;
		pinning: boolean;
	}

	/** What an educator writes beside a hand-in, and gives back with it. */
	let { pinUp, line, called, plate, at, onpin, pinning }: Props = $props();

	let text = $state('');
	const notes = $derived(line.given.notes);

	/** The words that are written most here, kept in this browser. */
	const WORDS = 'ricercar words of notes';
	const MOST_WORDS = 8;
	const wordsSchema = z.array(z.string().max(200)).max(MOST_WORDS);
	let frequent = $state.raw<readonly string[]>(readHere(WORDS, wordsSchema) ?? []);

	function keepWords() {
		const words = text.trim().slice(0, 200);
		if (words === '' || frequent.includes(words)) return;
		frequent = [words, ...frequent].slice(0, MOST_WORDS);
		if (!keepHere(WORDS, frequent))
			notices.say('This browser keeps nothing: the words are at hand until the page is left.');
	}

	function forgetWords(words: string) {
		frequent = frequent.filter((each) => each !== words);
		keepHere(WORDS, frequent);
	}

	function add() {
		const written = plainText(text).trim();
		if (written === '') return;
		const note: Note = { id: newId(), plate, at, text: written };
		pinUp.give(line.id, { ...line.given, notes: [...notes, note] });
		text = '';
		onpin(false);
	}

	function remove(id: string) {
		const before = line.given;
		pinUp.give(line.id, { ...before, notes: notes.filter((note) => note.id !== id) });
		notices.say('Note deleted.', { label: 'Undo', run: () => pinUp.give(line.id, before) });
	}

	/** Where a note stands, in words. */
	const placeOf = ({ plate: of, at: pinned }: Note): string => {
		const index = pinUp.brief.plates.findIndex(({ id }) => id === of);
		return `${index < 0 ? 'on the whole' : `plate ${index + 1}`}${pinned ? `, pinned${pinned.name ? ` to ${pinned.name}` : ''}` : ''}`;
	};
</script>

<section aria-label="Notes for {called}">
	<h2>Notes for {called}</h2>
	{#if notes.length > 0}
		<ol>
			{#each notes as note (note.id)}
				<li>
					<p>{note.text}</p>
					<small>{placeOf(note)}</small>
					<button
						class="act small"
						aria-label="Delete the note “{note.text.slice(0, 40)}”"
						onclick={() => remove(note.id)}>Delete</button
					>
				</li>
			{/each}
		</ol>
	{/if}
	<form onsubmit={(event) => (event.preventDefault(), add())}>
		<label for="note">A note beside this plate</label>
		<textarea id="note" maxlength={MOST_NOTE} bind:value={text}></textarea>
		<p class="acts">
			<button class="act main small" disabled={text.trim() === '' || notes.length >= MOST_NOTES}>Write it</button>
			<button class="act small" type="button" aria-pressed={pinning} onclick={() => onpin(!pinning)}
				>{at
					? `Pinned${at.name ? ` to ${at.name}` : ''}: choose another place`
					: pinning
						? 'Click a place of the plate'
						: 'Pin it to a place'}</button
			>
			<button class="act small" type="button" disabled={text.trim() === ''} onclick={keepWords}>Keep these words</button
			>
		</p>
		{#if frequent.length > 0}
			<ul aria-label="Words at hand">
				{#each frequent as words (words)}
					<li>
						<button class="words" type="button" onclick={() => (text = text === '' ? words : `${text} ${words}`)}
							>{words}</button
						>
						<button
							class="act small"
							type="button"
							aria-label="Forget the words “{words}”"
							onclick={() => forgetWords(words)}>×</button
						>
					</li>
				{/each}
			</ul>
		{/if}
	</form>
	<label class="mark"
		>Mark
		<input
			class="field"
			maxlength="120"
			value={line.given.mark}
			placeholder="in your own words"
			onchange={(event) => pinUp.give(line.id, { ...line.given, mark: plainText(event.currentTarget.value).trim() })}
		/></label
	>
	<p class="acts"><button class="act" onclick={() => pinUp.returnOne(line)}>Give it back, as a file</button></p>
</section>

<style>
	section {
		display: grid;
		align-content: start;
		gap: 10px;
		font-size: 12.5px;
	}
	h2 {
		font-size: 18px;
	}
	ol,
	ul {
		display: grid;
		gap: 8px;
		margin: 0;
		padding: 0 0 0 18px;
	}
	ol {
		list-style: decimal;
	}
	ul {
		gap: 4px;
		padding: 0;
		list-style: none;
	}
	ul li {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 6px;
	}
	ol p {
		font: italic 400 14.5px/1.4 var(--font-serif);
		white-space: pre-line;
	}
	small,
	label {
		font-size: 12px;
		color: var(--soft);
	}
	form {
		display: grid;
		gap: 6px;
	}
	textarea {
		min-height: 70px;
		padding: 7px 9px;
		border: 1px solid var(--edge);
		border-radius: 0;
		background: #fff;
		font: 400 13.5px/1.4 var(--font-serif);
	}
	.words {
		text-align: left;
		text-decoration: underline;
		text-underline-offset: 3px;
		cursor: pointer;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.mark {
		display: grid;
		gap: 3px;
	}
</style>
