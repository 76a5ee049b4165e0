<script lang="ts">
	import { type TakenColour } from '$lib/model/colour-text';
	import { takesColour } from './colour-drag';

	interface Props {
		name: string;
		/** As it is seen. */
		fill: string;
		/** Only the colour, with its name for those who point at it or do not see it. */
		brief?: boolean;
		/** What it is, where it stands without its name. */
		label?: string;
		held?: boolean;
		onhold: () => void;
		/** Takes a colour that is dropped on it. */
		ontake: (colour: TakenColour) => void;
	}

	/** A colour that something is made from, by its name: clicked, it is held in the mixer. */
	let { name, fill, brief = false, label = name, held = false, onhold, ontake }: Props = $props();
</script>

<button
	class="act chip"
	class:brief
	class:held
	title={brief ? name : undefined}
	aria-label={brief ? label : undefined}
	onclick={onhold}
	{@attach takesColour((colour) => ontake(colour))}
>
	<i style:background={fill}></i>
	{#if !brief}<b>{name}</b>{/if}
</button>

<style>
	.chip {
		max-width: 122px;
		padding-left: 4px;
	}
	.brief {
		padding: 3px;
	}
	i {
		flex: none;
		width: 20px;
		height: 20px;
	}
	b {
		overflow: hidden;
		font-weight: 500;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.held b {
		font-weight: 600;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
</style>
