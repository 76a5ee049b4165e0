<script lang="ts">
	import { notices } from './notices.svelte';

	interface Props {
		label: string;
		value: number;
		least: number;
		most: number;
		onset: (value: number) => void;
	}

	/** A whole number that is typed or stepped; one out of its range is brought in, and that is said. */
	let { label, value, least, most, onset }: Props = $props();

	function take(field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Math.round(Number(field.value));
		const next = Number.isNaN(typed) ? value : Math.min(most, Math.max(least, typed));
		if (!Number.isNaN(typed) && typed !== next) notices.say(`${label}: ${least} to ${most}. ${typed} became ${next}.`);
		field.value = String(next);
		if (next !== value) onset(next);
	}
</script>

<input
	class="field"
	type="number"
	min={least}
	max={most}
	{value}
	aria-label={label}
	onchange={(event) => take(event.currentTarget)}
/>

<style>
	input {
		width: 52px;
		padding-inline: 6px 2px;
	}
</style>
