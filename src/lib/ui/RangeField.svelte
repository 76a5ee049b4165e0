<script lang="ts">
	interface Props {
		/** What is set here, for those who do not see what stands beside it. */
		label: string;
		value: number;
		least: number;
		most: number;
		step: number;
		/** The value in words. */
		said: string;
		/** Words before and after the slider. */
		before: string;
		after?: string;
		title?: string;
		disabled?: boolean;
		onset: (value: number) => void;
	}

	/** A number that is dragged, with words at its ends. */
	let { label, value, least, most, step, said, before, after, title, disabled, onset }: Props = $props();
</script>

<label {title}>
	{before}
	<input
		type="range"
		min={least}
		max={most}
		{step}
		{value}
		{disabled}
		aria-label={label}
		aria-valuetext={said}
		oninput={(event) => onset(event.currentTarget.valueAsNumber)}
	/>
	{after}
</label>
