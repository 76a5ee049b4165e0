<script lang="ts">
	import { type View } from '$lib/drawing/view-kinds';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import { type HandInLine } from '$lib/study/handed/requests';
	import FrozenPlate from './FrozenPlate.svelte';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		called: (line: HandInLine) => string;
		view: View;
		board: Board;
		ink: string;
		onclose: () => void;
	}

	/** The wall shown to a room, sheet by sheet: arrow keys go from one to the next, up and down from plate to plate, Escape ends it. */
	let { pinUp, called, view, board, ink, onclose }: Props = $props();

	let at = $state(0);
	const shown = $derived(pinUp.wall[at] ?? null);
	const handIn = $derived(shown && pinUp.handInOf(shown.line.id));
	const place = $derived(handIn ? pinUp.placeIn(handIn, pinUp.plate ?? 0) : -1);

	const sheet = (by: number) => (at = (at + by + pinUp.wall.length) % pinUp.wall.length);
	function plate(by: number) {
		const count = pinUp.brief.plates.length;
		pinUp.plate = ((pinUp.plate ?? 0) + by + count) % count;
	}
	const KEYS: Readonly<Record<string, () => void>> = {
		ArrowRight: () => sheet(1),
		ArrowLeft: () => sheet(-1),
		ArrowDown: () => plate(1),
		ArrowUp: () => plate(-1),
		Escape: () => onclose()
	};

	function byKey(event: KeyboardEvent) {
		const act = KEYS[event.key];
		if (!act) return;
		event.preventDefault();
		act();
	}

	function fill(room: HTMLElement) {
		room.focus();
		// Where the browser does not allow it, the page itself is filled.
		void room.requestFullscreen?.().catch(() => undefined);
		return () => {
			if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
		};
	}
</script>

<svelte:document onfullscreenchange={() => !document.fullscreenElement && onclose()} />

<div
	class="room"
	role="dialog"
	aria-label="Shown to the room"
	tabindex="-1"
	style:background={BOARD_COLOURS[board]}
	style:color={ink}
	onkeydown={byKey}
	{@attach fill}
>
	{#if shown && handIn && place >= 0}
		<div class="plate"><FrozenPlate {handIn} plate={place} {view} /></div>
		<p aria-live="polite">
			{called(shown.line)} <span>{at + 1} of {pinUp.wall.length}</span>
		</p>
	{:else}
		<p aria-live="polite">{shown ? `${called(shown.line)}: there is no such plate` : 'Nothing is pinned up.'}</p>
	{/if}
	<p class="acts">
		<button onclick={() => sheet(-1)}>Before</button>
		<button onclick={() => sheet(1)}>Next</button>
		<button onclick={onclose}>End (Escape)</button>
	</p>
</div>

<style>
	.room {
		display: grid;
		position: fixed;
		inset: 0;
		z-index: 30;
		grid-template-rows: minmax(0, 1fr) auto auto;
		justify-items: center;
		gap: 12px;
		padding: 28px;
	}
	.plate {
		align-self: center;
		/* As large as fits both ways, with room for the name. */
		width: min(100%, calc((100vh - 150px) * 792 / 560));
	}
	p {
		font: 500 24px/1.2 var(--font-serif);
	}
	p span {
		font: 16px var(--font-sans);
	}
	.acts {
		display: flex;
		gap: 16px;
		font: 16px var(--font-sans);
	}
	button {
		min-height: 32px;
		padding: 2px 12px;
		border: 1px solid currentcolor;
		cursor: pointer;
	}
</style>
