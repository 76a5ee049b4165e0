<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import { titleBlockSchema, type TitleBlock } from '$lib/study/parts';
	import Sheet from '$lib/ui/Sheet.svelte';

	interface Props {
		open: boolean;
		titleBlock: TitleBlock;
		onchange: (titleBlock: TitleBlock) => void;
	}

	let { open = $bindable(), titleBlock, onchange }: Props = $props();

	const LINES: readonly { key: keyof TitleBlock; label: string; type: string }[] = [
		{ key: 'title', label: 'Title', type: 'text' },
		{ key: 'maker', label: 'Maker', type: 'text' },
		{ key: 'course', label: 'Course', type: 'text' },
		{ key: 'unit', label: 'Unit', type: 'text' },
		{ key: 'date', label: 'Date', type: 'date' }
	];
	let complaint = $state('');

	function keep(event: SubmitEvent & { currentTarget: HTMLFormElement }) {
		event.preventDefault();
		const typed = Object.fromEntries(new FormData(event.currentTarget));
		const result = titleBlockSchema.safeParse(typed);
		if (!result.success) {
			complaint = 'A study needs a title, each line may have 120 letters, and the date is a day or empty.';
			return;
		}
		complaint = '';
		open = false;
		onchange(result.data);
	}
</script>

<Sheet title="Title block" bind:open>
	<form class="lines" onsubmit={keep} id="title-block">
		{#each LINES as { key, label, type } (key)}
			<Label class="line-label">
				<span>{label}</span>
				<Input
					class="field"
					name={key}
					{type}
					value={titleBlock[key]}
					maxlength={120}
					required={key === 'title'}
					autocomplete="off"
				/>
			</Label>
		{/each}
		{#if complaint}<p role="alert">! {complaint}</p>{/if}
	</form>
	{#snippet footer()}
		<Button class="act main" type="submit" form="title-block">Keep</Button>
		<Button class="act" onclick={() => (open = false)}>Cancel</Button>
	{/snippet}
</Sheet>

<style>
	.lines {
		display: grid;
		gap: 10px;
	}
	.lines :global(.line-label) {
		display: grid;
		grid-template-columns: 80px 1fr;
		align-items: center;
		font: 400 13px var(--font-sans);
		color: var(--ink);
	}
</style>
