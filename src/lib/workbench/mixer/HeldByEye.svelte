<script lang="ts">
	import { untrack } from 'svelte';
	import { type Subject } from '../study/subject';
	import { type Workbench } from '../study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		subject: Subject;
		/** As it is seen in the view. */
		hex: string;
	}

	/** What is held while the eye works: the colour above what it was when it was taken up, and nothing that tells it. */
	let { workbench, subject, hex }: Props = $props();

	let before = $state(untrack(() => hex));
	const held = $derived(JSON.stringify([workbench.plate?.id, workbench.held]));
	$effect(() => {
		if (held) before = untrack(() => hex);
	});
</script>

<div class="holder">
	<div class="patch"><i style:background={hex}></i><i class="before" style:background={before}></i></div>
	<div>
		<h2>{subject.name}</h2>
		<p>{subject.note}; above, as it is now; under it, as it was when you took it up.</p>
	</div>
</div>

<style>
	.holder {
		display: grid;
		grid-template-columns: 96px minmax(0, 1fr);
		gap: 14px;
		min-height: 0;
	}
	.patch {
		display: flex;
		flex-direction: column;
	}
	i {
		flex: 3;
	}
	i.before {
		flex: 1;
	}
	h2 {
		font-size: 18px;
	}
	p {
		font-size: 12.5px;
		color: #c4c4c4;
	}
	@media (max-width: 1180px) {
		.holder {
			grid-template-columns: 72px minmax(0, 1fr);
		}
	}
</style>
