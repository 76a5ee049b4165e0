<script lang="ts">
	import { type DrawingDecision } from '../../schema';

	let { onread: _onread }: { onread: (drawing: DrawingDecision) => void } = $props();
</script>
