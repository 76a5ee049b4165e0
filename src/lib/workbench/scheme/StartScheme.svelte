<script lang="ts">
	import { sourceHeld, subjectOf } from '../mixer/subject';
	import { type Workbench } from '../study/workbench.svelte';
	import { startScheme } from './scheme-actions';

	/** Whatever the mixer holds can lead a scheme. */
	let { workbench, kind = 'act' }: { workbench: Workbench; kind?: string } = $props();

	function start() {
		const subject = subjectOf(workbench);
		if (!subject) return;
		const source = subject.linked ? { linked: subject.linked.id } : sourceHeld(workbench)?.source;
		startScheme(workbench, source ?? { text: subject.text });
	}
</script>

<button class={kind} title="A scheme with this colour as its lead, on a plate of its own" onclick={start}
	>Start a scheme</button
>
