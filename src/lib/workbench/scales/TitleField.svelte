<script lang="ts">
	import { focusHere } from '$lib/ui/focus-here';

	interface Props {
		title: string;
		label: string;
		onrename: (title: string) => void;
	}

	/** A title that turns into a field where it stands when it is clicked. */
	let { title, label, onrename }: Props = $props();

	let editing = $state(false);

	function keep(text: string) {
		if (!editing) return;
		editing = false;
		const typed = text.trim();
		if (typed !== '' && typed !== title) onrename(typed);
	}
</script>

{#if editing}
	<input
		value={title}
		maxlength="120"
		aria-label={label}
		{@attach focusHere}
		onblur={(event) => keep(event.currentTarget.value)}
		onkeydown={(event) => {
			if (event.key === 'Enter') keep(event.currentTarget.value);
			if (event.key === 'Escape') editing = false;
		}}
	/>
{:else}
	<button onclick={() => (editing = true)} aria-label="{label}: {title}. Rename"></button>
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
