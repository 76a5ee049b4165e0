<script lang="ts">
	interface Props {
		/** What is there or not, as it stands beside the box: "proof strip". */
		words: string;
		checked: boolean;
		onset: (checked: boolean) => void;
	}

	/** Something of a plate that is shown or not. */
	let { words, checked, onset }: Props = $props();
</script>

<label>
	<input type="checkbox" {checked} onchange={(event) => onset(event.currentTarget.checked)} />
	{words}
</label>
