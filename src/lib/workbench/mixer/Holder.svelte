<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { readPasted } from '$lib/core/colour/read-pasted';
	import { codesOf } from '$lib/core/colour/codes';
	import { isSeeThrough, onWhite } from '$lib/core/colour/opaque';
	import { Problem } from '$lib/core/problem';
	import { newId } from '$lib/model/ids';
	import { type LinkedColour } from '$lib/model/linked';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { linkSource } from '$lib/study/edits';
	import { usesOf } from '$lib/study/uses';
	import { type Workbench } from '../study/workbench.svelte';
	import FollowAnother from './FollowAnother.svelte';
	import { pickFromScreen, canPickFromScreen } from './screen-pick';
	import { type Subject } from '../study/subject';
	import { setHeldColour, settableHeld } from './subject';

	interface Props {
		workbench: Workbench;
		subject: Subject;
		/** As it is seen in the view, and as it is stored. */
		hex: string;
		stored: string;
		mapped: boolean;
	}

	let { workbench, subject, hex, stored, mapped }: Props = $props();

	const plate = $derived(workbench.plate);
	const parts = $derived(plate && benchOf(plate)?.mixer);
	const held = $derived(settableHeld(workbench));
	const release = $derived(held?.release);

	/** Shows the stored colour in a view that shows it otherwise, until it is put away. */
	let asStored = $state(false);

	let complaint = $state<string | null>(null);
	const OWN = 'own';
	const NEW = 'new';
	const linkWords = $derived<Record<string, string>>({
		[OWN]: subject.linked ? 'Unlink: a colour of its own' : 'Not linked',
		...Object.fromEntries(workbench.document.linked.map(({ id, name }) => [id, `Linked to ${name}`])),
		[NEW]: 'Link to a new colour of the study'
	});

	/** The inks that were typed, shown for as long as the colour is what they gave. */
	let typedInks = $state.raw<{ text: string; words: string } | null>(null);

	/** The colour that a see-through one would be on white, offered in its place. */
	let offered = $state<string | null>(null);

	/** Takes any CSS colour that is opaque; one that is not is refused, with what it would be on white as an offer. */
	function take(text: string) {
		complaint = null;
		offered = null;
		if (text.trim() === subject.text) return;
		try {
			const { colour, text: css, inks } = readPasted(text);
			if (isSeeThrough(colour)) {
				complaint = `Colours here are opaque; this one is ${Math.round(100 * colour.alpha)} % opaque.`;
				offered = onWhite(colour);
				return;
			}
			const stored = colour.space === 'hsb' ? codesOf(colour).hex : css;
			typedInks = inks && { text: stored, words: inks.map((ink) => Math.round(100 * ink)).join(' ') };
			const { linked } = subject;
			setHeldColour(workbench, stored);
			if (linked) offerOnlyHere(linked, stored);
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
			complaint = `${error.message} Expected: ${error.expected}.`;
		}
	}

	/** A linked colour that is used elsewhere too has changed there as well: perhaps only this place was meant. */
	function offerOnlyHere({ id, name }: LinkedColour, text: string) {
		const { count } = usesOf(id, workbench.document);
		const here = held;
		const changed = workbench.document;
		if (!here || count < 2) return;
		notices.say(`${name} changed wherever it is used.`, {
			label: 'Change it only here',
			run: () => {
				if (workbench.document !== changed) return;
				workbench.undo();
				workbench.edit('Set a colour', here.put({ text }));
			}
		});
	}

	/** Enter takes what stands there. With nothing typed since, Ctrl Z is the study's, as everywhere else. */
	function keyInField(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
		const { value } = event.currentTarget;
		if (event.key === 'Enter') take(value);
		const isUndo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && value === subject.text;
		if (!isUndo) return;
		event.preventDefault();
		if (event.shiftKey) workbench.redo();
		else workbench.undo();
	}

	async function pick() {
		const picked = await pickFromScreen();
		if (picked) take(picked);
	}

	/** Links the held colour to a colour of the study, to a new one, or to none. */
	function link(choice: string) {
		if (!held) return;
		if (choice === NEW) {
			const colour = { id: newId(), name: `Colour ${workbench.document.linked.length + 1}`, text: subject.text };
			workbench.edit('Make a linked colour', linkSource(colour, held.put));
		} else {
			const source = choice === OWN ? { text: subject.text } : { linked: choice };
			workbench.edit(choice === OWN ? 'Unlink a colour' : 'Link a colour', held.put(source));
		}
	}
</script>

<div class="holder">
	<div class="patch" style:background={asStored ? stored : hex}>
		{#if hex !== stored}
			<button aria-pressed={asStored} title="This view shows it otherwise" onclick={() => (asStored = !asStored)}
				>{asStored ? 'As seen' : 'As stored'}</button
			>
		{/if}
	</div>
	<div class="about">
		<div class="head">
			<h2>{subject.name}</h2>
			{#if subject.follows === null && !parts?.title}<FollowAnother {workbench} />{/if}
			{#if plate && parts?.title}<parts.title {workbench} {plate} />{/if}
		</div>
		<p>
			{subject.note}{mapped ? '; outside the screen gamut, the nearest is shown' : ''}{typedInks?.text === subject.text
				? `; from inks ${typedInks.words} %, an estimate`
				: ''}
		</p>
		{#if subject.follows === null}
			<div class="entry">
				<input
					value={subject.text}
					spellcheck="false"
					autocomplete="off"
					data-code-field
					aria-label="Colour, in any CSS syntax"
					aria-invalid={complaint !== null}
					aria-describedby={complaint ? 'complaint' : undefined}
					onkeydown={keyInField}
					onchange={(event) => take(event.currentTarget.value)}
				/>
				{#if release}
					<button class="act" onclick={() => workbench.edit(release.label, release.edit)}>{release.word}</button>
				{/if}
				{#if canPickFromScreen()}<button class="act" onclick={pick}>Pick</button>{/if}
			</div>
			{#if complaint}
				<p class="complaint" id="complaint" role="alert">{complaint}</p>
				{#if offered}
					{@const onIts = offered}
					<button class="act offer" onclick={() => take(onIts)}>
						<i style:background={onIts}></i>Take {onIts}, as it is on white
					</button>
				{/if}
			{:else if held}
				<div class="entry">
					<SelectField
						kind="link"
						label="Linked to"
						choices={[OWN, ...workbench.document.linked.map(({ id }) => id), NEW]}
						words={linkWords}
						value={subject.linked?.id ?? OWN}
						onchoose={link}
					/>
					{#if plate && parts?.link}<parts.link {workbench} {plate} />{/if}
				</div>
			{/if}
		{/if}
	</div>
</div>

<style>
	.patch {
		display: flex;
		align-items: flex-end;
	}
	/* A control on a colour stands on a ground of its own. */
	.patch button {
		min-height: 24px;
		padding: 1px 7px;
		background: var(--dark);
		color: #fff;
		font-size: 11.5px;
		cursor: pointer;
	}
	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 6px;
	}
	.holder {
		display: grid;
		grid-template-columns: 96px minmax(0, 1fr);
		gap: 14px;
		min-height: 0;
	}
	.about {
		display: flex;
		flex-direction: column;
		gap: 4px;
		min-height: 0;
	}
	.offer i {
		display: inline-block;
		width: 13px;
		height: 13px;
		margin-right: 6px;
	}
	h2 {
		overflow: hidden;
		font-size: 19px;
		line-height: 1.15;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	p {
		font-size: 12px;
		line-height: 1.3;
		color: #c4c4c4;
	}
	.complaint {
		color: #fff;
	}
	.complaint::before {
		content: '! ';
		font-weight: 700;
	}
	.entry {
		display: flex;
		gap: 5px;
		margin-top: auto;
	}
	input {
		flex: 1;
		min-width: 0;
		padding: 3px 7px;
		border: 1px solid #8a8a8a;
		border-radius: 0;
		background: #474747;
		color: #fff;
		font: 400 12.5px/1.4 var(--font-sans);
	}
	input:focus-visible {
		outline: 2px solid #fff;
		box-shadow: none;
	}
	.about :global(.link) {
		min-height: 25px;
		padding-block: 1px;
	}
</style>
