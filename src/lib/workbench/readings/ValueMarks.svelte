<script lang="ts">
	import { VALUE_AT } from './reading-charts';

	/** In a `.chart` that is a stacking context of its own: the value axis beside and behind a chart of values: drawn here, because an axis of the chart library is laid out anew with every turn of a dial. */
</script>

{#each VALUE_AT as { value, top } (value)}
	<span class="mark" style:top="{top}px">{value}</span>
	<i style:top="{top}px"></i>
{/each}

<style>
	.mark {
		position: absolute;
		left: 0;
		width: 20px;
		margin-top: -8px;
		font-size: 10.5px;
		line-height: 16px;
		text-align: right;
		color: var(--soft);
	}
	i {
		position: absolute;
		z-index: -1;
		left: 26px;
		right: 6px;
		border-top: 1px solid #00000033;
	}
</style>
