<script lang="ts">
	import { tick } from 'svelte';
	import { openPlate } from '../index/plate-actions';
	import { type Subject } from '../study/subject';
	import { type Workbench } from '../study/workbench.svelte';
	import { focusMixer } from './focus-mixer';
	import { settableHeld } from './subject';

	interface Props {
		workbench: Workbench;
		elsewhere: NonNullable<Subject['elsewhere']>;
		/** The colour as it is now. */
		text: string;
	}

	/** Goes to the colour of another plate that the held one follows, or lets it go: it keeps its colour and follows no more. */
	let { workbench, elsewhere, text }: Props = $props();

	async function letGo() {
		const held = settableHeld(workbench);
		if (!held) return;
		workbench.edit('Let a colour go', held.put({ text }));
		await tick();
		focusMixer();
	}
</script>

<button class="act" onclick={() => openPlate(workbench, elsewhere.plate, elsewhere.place)}
	>Go to {elsewhere.name}</button
>
<button class="act" onclick={letGo}>Let it go</button>
