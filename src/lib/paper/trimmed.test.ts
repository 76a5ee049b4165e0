import { expect, it } from 'vitest';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { trimmed } from './trimmed';

const heightWith = (...shapes: Shape[]): number => {
	const drawing: Drawing = { title: '', width: 792, height: 560, paper: '#ffffff', shapes };
	return trimmed(drawing).height;
};

it('a sheet ends 28 under the lowest of its shapes, and no lower than it did', () => {
	const bar: Shape = { kind: 'bar', x: 0, y: 50, width: 9, height: 100, fill: '#b3392b' };
	expect(heightWith(bar)).toBe(178);
	expect(heightWith(bar, { kind: 'rule', x1: 0, y1: 300, x2: 9, y2: 200, stroke: '#1c1c1c' })).toBe(328);
	expect(heightWith(bar, { kind: 'area', path: 'M10 10h20v290z', fill: '#b3392b' })).toBe(328);
	// A circle about (100, 200) of radius 50, by two arcs: its lowest place is 250.
	const circle = 'M100 150A50 50 0 0 1 100 250A50 50 0 0 1 100 150z';
	expect(heightWith(bar, { kind: 'area', path: circle, fill: '#b3392b' })).toBeCloseTo(278, 3);
	// The upper half of it only: its ends are its lowest places.
	const arch = 'M50 200A50 50 0 0 1 150 200z';
	expect(heightWith({ kind: 'area', path: arch, fill: '#b3392b' })).toBeCloseTo(228, 3);
	expect(heightWith({ ...bar, height: 505 })).toBe(560);
});
