<script lang="ts">
	import { type Component } from 'svelte';

	interface Props {
		/** What it does, for those who do not see the icon. */
		label: string;
		/** What it does, for those who point at it; the label unless said. */
		title?: string;
		icon: Component<{ size?: 'xs' | 'sm'; 'aria-hidden'?: 'true' }>;
		size?: 'xs' | 'sm';
		disabled?: boolean;
		onclick: (event: MouseEvent) => void;
	}

	let { label, title = label, icon: Icon, size = 'sm', disabled = false, onclick }: Props = $props();
</script>

<button class="act bare" aria-label={label} {title} {disabled} {onclick}><Icon {size} aria-hidden="true" /></button>
