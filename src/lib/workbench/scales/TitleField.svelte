<script lang="ts">
	import { tick } from 'svelte';

	interface Props {
		title: string;
		label: string;
		onrename: (title: string) => void;
	}

	/** A title that turns into a field where it stands when it is clicked. */
	let { title, label, onrename }: Props = $props();

	let editing = $state(false);
	let field = $state<HTMLInputElement>();

	async function begin() {
		editing = true;
		await tick();
		field?.select();
	}

	function end(keep: boolean) {
		if (!editing) return;
		const typed = field?.value.trim() ?? '';
		editing = false;
		if (keep && typed !== '' && typed !== title) onrename(typed);
	}
</script>

{#if editing}
	<!-- svelte-ignore a11y_autofocus (the person has just asked to type here) -->
	<input
		bind:this={field}
		value={title}
		maxlength="120"
		aria-label={label}
		autofocus
		onblur={() => end(true)}
		onkeydown={(event) => {
			if (event.key === 'Enter') end(true);
			if (event.key === 'Escape') end(false);
		}}
	/>
{:else}
	<button onclick={begin} aria-label="{label}: {title}. Rename"></button>
{/if}

<style>
	button {
		width: 100%;
		height: 100%;
		cursor: text;
	}
	button:focus-visible {
		outline-offset: -6px;
	}
	input {
		position: absolute;
		left: 2.6%;
		top: 16%;
		width: 62%;
		padding: 2px 6px;
		border: 1px solid var(--edge);
		border-radius: 0;
		background: #fff;
		font: 500 24px/1.2 var(--font-serif);
	}
</style>
