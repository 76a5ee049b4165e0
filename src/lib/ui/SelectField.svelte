<script lang="ts" generics="Key extends string">
	import Select from 'flowbite-svelte/Select.svelte';

	interface Props {
		/** What is chosen here: "Pattern". */
		label: string;
		choices: readonly Key[];
		words: Readonly<Record<Key, string>>;
		value: Key;
		/** What it does, for those who point at it. */
		title?: string;
		/** Further classes of the box. */
		kind?: string;
		onchoose: (key: Key) => void;
	}

	/** One of a few choices that have words. */
	let { label, choices, words, value, title, kind = '', onchoose }: Props = $props();

	function take(chosen: string) {
		const key = choices.find((choice) => choice === chosen);
		if (key !== undefined) onchoose(key);
	}
</script>

<Select
	class="choice {kind}"
	classes={{ select: 'field' }}
	aria-label={label}
	placeholder=""
	{value}
	{title}
	onchange={(event) => take(event.currentTarget.value)}
>
	{#each choices as key (key)}<option value={key}>{words[key]}</option>{/each}
</Select>
