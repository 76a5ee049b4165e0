import { type ActionReturn } from 'svelte/action';
import {
	dndzone,
	SHADOW_ITEM_MARKER_PROPERTY_NAME as STAND_IN,
	type DndZoneAttributes,
	type Item,
	type Options
} from 'svelte-dnd-action';

/** What every list of ours that is sorted by dragging has in common. */
const OURS = { flipDurationMs: 0, dropTargetStyle: {}, zoneTabIndex: -1, zoneItemTabIndex: -1 } as const;

type Zone<T extends Item> = ActionReturn<Options<T>, DndZoneAttributes<T>>;

/**
 * A list whose items can be dragged to another place. The library remembers every element that it has ever seen in a list, as long
 * as the list lives; so it begins anew when an item has gone, and the elements of hours of editing go with it.
 */
export function sortable<T extends Item>(list: HTMLElement, options: Options<T>): Zone<T> {
	const begin = (latest: Options<T>): Zone<T> => dndzone(list, { ...OURS, ...latest });
	let zone = begin(options);
	let items = options.items;
	return {
		update(latest: Options<T>) {
			const left = new Set(latest.items.map(({ id }) => id as unknown));
			const gone = items.some(({ id }) => !left.has(id));
			// While something is dragged a stand-in comes and goes; that is no item.
			const dragging = [...items, ...latest.items].some((item) => STAND_IN in item);
			items = latest.items;
			if (gone && !dragging) {
				zone.destroy?.();
				zone = begin(latest);
			} else zone.update?.({ ...OURS, ...latest });
		},
		destroy: () => zone.destroy?.()
	};
}
