<script lang="ts">
	interface Props {
		label: string;
		value: number;
		least: number;
		most: number;
		onset: (value: number) => void;
	}

	/** A whole number that is typed or stepped, brought into its range. */
	let { label, value, least, most, onset }: Props = $props();

	function take(field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Math.round(Number(field.value));
		const next = Number.isNaN(typed) ? value : Math.min(most, Math.max(least, typed));
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
