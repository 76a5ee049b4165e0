<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import FileImportOutline from 'flowbite-svelte-icons/FileImportOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import TrashBinOutline from 'flowbite-svelte-icons/TrashBinOutline.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { show } from '$lib/core/colour/shown';
	import { seenHex } from '$lib/drawing/view';
	import { colourOf } from '$lib/model/resolve';
	import { newId } from '$lib/model/ids';
	import { type PaletteColour } from '$lib/model/palette';
	import { type TakenColour } from '$lib/model/colour-text';
	import { MOST_LINKED, type LinkedColour } from '$lib/model/linked';
	import { takesColour } from '$lib/ui/colour-drag';
	import { notices } from '$lib/ui/notices.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import ReadInDialog from '$lib/ui/ReadInDialog.svelte';
	import { subjectOf } from '../mixer/subject';
	import { deleteLinked } from '$lib/study/edits';
	import { addAllLinked, addLinked, renameLinked } from '$lib/model/edit-linked';
	import { sayUses, usesOf } from '$lib/study/uses';
	import { gathers, type GatheringKeys } from '../study/gathered';
	import { hasRoomForLinked } from '../study/room';
	import { type Workbench } from '../study/workbench.svelte';

	let { workbench }: { workbench: Workbench } = $props();

	const linked = $derived(workbench.document.linked);
	const heldId = $derived(workbench.held?.kind === 'linked' ? workbench.held.id : null);
	let renaming = $state<string | null>(null);
	let reading = $state(false);

	function readIn(colours: readonly PaletteColour[]) {
		const added = colours.map((colour): LinkedColour => ({ id: newId(), ...colour }));
		workbench.edit(`Read in ${added.length} ${added.length === 1 ? 'colour' : 'colours'}`, addAllLinked(added));
	}

	let leaving = $state.raw<LinkedColour | null>(null);
	const uses = $derived(leaving && usesOf(leaving.id, workbench.document));

	/** A new linked colour begins as the colour in the mixer. */
	function add() {
		if (!hasRoomForLinked(workbench.document)) return;
		const text = subjectOf(workbench)?.text ?? '#808080';
		const colour = { id: newId(), name: `Colour ${linked.length + 1}`, text };
		workbench.edit('Add a linked colour', addLinked(colour));
		workbench.holdLinked(colour.id);
		renaming = colour.id;
	}

	/** A colour dropped here from a palette becomes a linked colour. */
	function addDropped({ text, name }: TakenColour) {
		if (!hasRoomForLinked(workbench.document)) return;
		const words = colourWords(show(colourOf(text)).linear);
		const colour: LinkedColour = { id: newId(), text, ...(name ? { name } : { name: words, namedBy: 'machine' }) };
		workbench.edit('Add a linked colour', addLinked(colour));
	}

	/** Holds a colour, and gathers it by the keys that are down. */
	function hold(id: string, keys: GatheringKeys) {
		workbench.gather('colours', id, keys);
		workbench.holdLinked(id);
	}

	function askToDelete(colour: LinkedColour) {
		if (usesOf(colour.id, workbench.document).plates.length > 0) leaving = colour;
		else remove(colour);
	}

	function remove(colour: LinkedColour) {
		leaving = null;
		workbench.edit(`Delete ${colour.name}`, deleteLinked(colour.id));
		notices.say(`${colour.name} deleted.`, { label: 'Undo', run: () => workbench.undo() });
	}
</script>

<ReadInDialog
	bind:open={reading}
	room={MOST_LINKED - linked.length}
	where="study"
	becomes="linked colour"
	onadd={readIn}
/>

<section class="linked" aria-label="Linked colours" {@attach takesColour(addDropped)}>
	<header>
		<h2>Linked colours</h2>
		<IconButton
			label="Read in colours"
			title="Read in colours, from a text or a file"
			onclick={() => (reading = true)}
			icon={FileImportOutline}
		/>
		<IconButton label="Add a linked colour" onclick={add} icon={PlusOutline} />
	</header>
	<ul>
		{#each linked as colour (colour.id)}
			<li class:held={heldId === colour.id}>
				{#if renaming === colour.id}
					<i style:background={seenHex(workbench.view, show(colourOf(colour.text)).hex)}></i>
					<RenameField
						name={colour.name}
						label="Name of the linked colour"
						onrename={(name) => workbench.edit('Rename a linked colour', renameLinked(colour.id, name))}
						onend={() => (renaming = null)}
					/>
				{:else}
					<button
						class="hold"
						aria-pressed={heldId === colour.id}
						title="{colour.name}: {sayUses(usesOf(colour.id, workbench.document))}"
						class:gathered={workbench.isGathered('colours', colour.id)}
						onclick={(event) => hold(colour.id, event)}
						ondblclick={() => (renaming = colour.id)}
						onkeydown={(event) => {
							if (event.key === 'Enter' && gathers(event)) {
								event.preventDefault();
								hold(colour.id, event);
							}
							if (event.key === 'Escape') workbench.gatherNone();
							if (event.key === 'F2') renaming = colour.id;
							if (event.key === 'Delete') askToDelete(colour);
						}}
					>
						<i style:background={seenHex(workbench.view, show(colourOf(colour.text)).hex)}></i>
						<span>{colour.name}</span>
					</button>
					{#if heldId === colour.id}
						<IconButton
							label="Delete {colour.name}"
							title="Delete"
							onclick={() => askToDelete(colour)}
							icon={TrashBinOutline}
							size="xs"
						/>
					{/if}
				{/if}
			</li>
		{/each}
	</ul>
	{#if linked.length === 0}<p>None yet. A linked colour changes everywhere at once.</p>{/if}
</section>

<Sheet title={leaving ? `${leaving.name} is in use` : ''} open={leaving !== null} onclose={() => (leaving = null)}>
	{#if leaving && uses}
		<p>{leaving.name} is {sayUses(uses)}:</p>
		<ul class="uses">
			{#each uses.plates as { id, title } (id)}<li>{title}</li>{/each}
		</ul>
		<p>If it is deleted they keep their looks: each gets {leaving.text} as a colour of its own.</p>
	{/if}
	{#snippet footer()}
		<Button class="act main" onclick={() => leaving && remove(leaving)}>Delete, keep the looks</Button>
		<Button class="act" onclick={() => (leaving = null)}>Leave it</Button>
	{/snippet}
</Sheet>

<style>
	.linked {
		flex: none;
		max-height: 46%;
		overflow-y: auto;
		padding: 8px 10px 12px 12px;
		border-top: 1px solid var(--rule);
	}
	header {
		display: flex;
		align-items: center;
		gap: 2px;
	}
	h2 {
		margin-right: auto;
		font-size: 14px;
		white-space: nowrap;
	}
	@media (max-width: 1180px) {
		h2 {
			font-size: 12.5px;
		}
	}
	header :global(.act) {
		padding: 4px 3px;
	}
	ul {
		user-select: none;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: flex;
		align-items: center;
		gap: 6px;
		min-height: 25px;
	}
	.hold {
		display: flex;
		flex: 1;
		align-items: center;
		gap: 8px;
		min-width: 0;
		min-height: 25px;
		text-align: left;
		font-size: 12px;
		cursor: pointer;
	}
	.held .hold span {
		font-weight: 600;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.gathered i {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	.hold span {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	i {
		flex: none;
		width: 19px;
		height: 19px;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
	.uses {
		padding-left: 18px;
		list-style: disc;
	}
	.uses li {
		display: list-item;
		min-height: 0;
	}
	@media (max-width: 800px) {
		.linked > ul {
			display: flex;
			flex-wrap: wrap;
			gap: 0 14px;
		}
	}
</style>
