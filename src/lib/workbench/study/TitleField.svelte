<script lang="ts">
	import PenOutline from 'flowbite-svelte-icons/PenOutline.svelte';
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
	<button onclick={() => (editing = true)} aria-label="{label}: {title}. Rename" title="Click to write another title">
		<PenOutline size="xs" aria-hidden="true" />
	</button>
{/if}

<style>
	button {
		width: 100%;
		height: 100%;
		padding: 3.2% 0 0 1.3%;
		color: var(--soft);
		cursor: text;
	}
	button :global(svg) {
		opacity: 0;
	}
	button:hover :global(svg),
	button:focus-visible :global(svg) {
		opacity: 1;
	}
	@media (hover: none) {
		button :global(svg) {
			opacity: 1;
		}
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
		color: #1c1c1c;
		font: 500 24px/1.2 var(--font-serif);
	}
</style>
