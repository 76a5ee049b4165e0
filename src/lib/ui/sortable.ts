import { type ActionReturn } from 'svelte/action';
import type * as library from 'svelte-dnd-action';
import { type DndZoneAttributes, type Item, type Options } from 'svelte-dnd-action';

/** What every list of ours that is sorted by dragging has in common. */
const OURS = { flipDurationMs: 0, dropTargetStyle: {}, zoneTabIndex: -1, zoneItemTabIndex: -1 } as const;
/** Where the browser does not say when it has nothing to do, what is not needed at once waits this long, in milliseconds. */
const LATER = 1500;

type Zone<T extends Item> = ActionReturn<Options<T>, DndZoneAttributes<T>>;
type Library = typeof library;

/** Calls back once when the pointer comes to an element, or the browser has nothing else to do. Gives what takes that back. */
function whenNearOrIdle(list: HTMLElement, then: () => void): () => void {
	const idle = 'requestIdleCallback' in window;
	const waiting = idle ? requestIdleCallback(then) : window.setTimeout(then, LATER);
	list.addEventListener('pointerenter', then, { once: true });
	return () => {
		if (idle) cancelIdleCallback(waiting);
		else clearTimeout(waiting);
		list.removeEventListener('pointerenter', then);
	};
}

/**
 * The library's list, made anew when an item has gone: it remembers every element that it has ever seen in a list, as long as the
 * list lives, and the elements of hours of editing go with it.
 */
function zoneOf<T extends Item>(dnd: Library, list: HTMLElement, options: Options<T>): Zone<T> {
	const begin = (latest: Options<T>): Zone<T> => dnd.dndzone(list, { ...OURS, ...latest });
	let zone = begin(options);
	let items = options.items;
	return {
		update(latest: Options<T>) {
			const left = new Set(latest.items.map(({ id }) => id as unknown));
			const gone = items.some(({ id }) => !left.has(id));
			// While something is dragged a stand-in comes and goes; that is no item.
			const dragging = [...items, ...latest.items].some((item) => dnd.SHADOW_ITEM_MARKER_PROPERTY_NAME in item);
			items = latest.items;
			if (gone && !dragging) {
				zone.destroy?.();
				zone = begin(latest);
			} else zone.update?.({ ...OURS, ...latest });
		},
		destroy: () => zone.destroy?.()
	};
}

/** A list whose items can be dragged to another place. The library is loaded after what the page needs to be seen and worked on. */
export function sortable<T extends Item>(list: HTMLElement, options: Options<T>): Zone<T> {
	let latest = options;
	let zone: Zone<T> | null = null;
	let gone = false;
	let asked = false;
	const load = async (): Promise<void> => {
		if (asked) return;
		asked = true;
		const loaded = await import('svelte-dnd-action');
		if (!gone) zone = zoneOf(loaded, list, latest);
	};
	const forget = whenNearOrIdle(list, () => void load());
	return {
		update(next: Options<T>) {
			latest = next;
			zone?.update?.(next);
		},
		destroy() {
			gone = true;
			forget();
			zone?.destroy?.();
		}
	};
}
