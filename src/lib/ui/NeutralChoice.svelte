<script lang="ts">
	interface Props {
		/** Which of several belong together. */
		group: string;
		said: string;
		fill: string;
		checked: boolean;
		/** With a line around it, where it is part of ours and not of what is judged. */
		edged?: boolean;
		onchoose: () => void;
	}

	/** One of several neutrals to choose from, as a small square. What is chosen has a line around it, away from the colour. */
	let { group, said, fill, checked, edged = false, onchoose }: Props = $props();
</script>

<label class:edged title={said}>
	<input type="radio" name={group} {checked} onchange={onchoose} />
	<i style:background={fill}></i>
	<span class="unseen">{said}</span>
</label>

<style>
	label {
		display: grid;
		place-items: center;
		position: relative;
		width: 24px;
		height: 24px;
		cursor: pointer;
	}
	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	i {
		width: 16px;
		height: 16px;
	}
	.edged {
		width: 22px;
		height: 22px;
	}
	.edged i {
		width: 18px;
		height: 18px;
		border: 1px solid var(--edge);
	}
	input:checked + i {
		outline: 2px solid currentColor;
		outline-offset: 2px;
	}
	input:focus-visible + i {
		outline: 3px double currentColor;
		outline-offset: 2px;
	}
</style>
