import { turn } from '../colour/vector';

/** The way round the wheel that a hue takes between two parents (CSS Color 4 §12.4). */
export const ROUTES = ['shorter', 'longer', 'rising', 'falling'] as const;
export type Route = (typeof ROUTES)[number];

/**
 * Degrees to turn from one hue to another: by the shorter or the longer way, or always rising or falling. Equal hues are
 * left alone by all but the longer way, which goes once round; opposite ones turn as their numbers lie.
 */
export function hueTurn(from: number, to: number, route: Route): number {
	const way = turn(to) - turn(from);
	switch (route) {
		case 'shorter':
			return way > 180 ? way - 360 : way < -180 ? way + 360 : way;
		case 'longer':
			if (way > 0 && way < 180) return way - 360;
			return way > -180 && way <= 0 ? way + 360 : way;
		case 'rising':
			return way < 0 ? way + 360 : way;
		case 'falling':
			return way > 0 ? way - 360 : way;
	}
}
