<script lang="ts" generics="Key extends string">
	import Select from 'flowbite-svelte/Select.svelte';

	interface Props {
		/** What is chosen here: "Pattern". */
		label: string;
		choices: readonly Key[];
		words: Readonly<Record<Key, string>>;
		value: Key;
		onchoose: (key: Key) => void;
	}

	/** One of a few choices that have words. */
	let { label, choices, words, value, onchoose }: Props = $props();

	function take(chosen: string) {
		const key = choices.find((choice) => choice === chosen);
		if (key !== undefined) onchoose(key);
	}
</script>

<Select
	class="choice"
	classes={{ select: 'field' }}
	aria-label={label}
	placeholder=""
	{value}
	onchange={(event) => take(event.currentTarget.value)}
>
	{#each choices as key (key)}<option value={key}>{words[key]}</option>{/each}
</Select>
