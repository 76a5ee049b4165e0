<script lang="ts">
	import Modal from 'flowbite-svelte/Modal.svelte';
	import { type Snippet } from 'svelte';

	interface Props {
		open: boolean;
		title: string;
		/** Stays until one of its buttons is pressed. */
		permanent?: boolean;
		/** For pictures side by side, instead of a few fields. */
		wide?: boolean;
		onclose?: () => void;
		children: Snippet;
		footer: Snippet;
	}

	/** A dialog in the dress of the product, which comes and goes at once. */
	let { open = $bindable(), title, permanent = false, wide = false, onclose, children, footer }: Props = $props();
</script>

<Modal
	class="sheet"
	size={wide ? 'lg' : 'xs'}
	{title}
	aria-label={title}
	{permanent}
	bind:open
	{footer}
	transitionParams={{ duration: 0 }}
	ontoggle={(event: ToggleEvent) => event.newState === 'closed' && onclose?.()}
	oncancel={() => onclose?.()}
>
	{@render children()}
</Modal>
