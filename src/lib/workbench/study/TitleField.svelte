<script lang="ts">
	import RenameField from '$lib/ui/RenameField.svelte';

	interface Props {
		title: string;
		label: string;
		onrename: (title: string) => void;
	}

	/** A title that turns into a field where it stands when it is clicked. */
	let { title, label, onrename }: Props = $props();

	let editing = $state(false);
</script>

{#if editing}
	<RenameField kind="title-field" name={title} {label} {onrename} onend={() => (editing = false)} />
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
	:global(.title-field) {
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
