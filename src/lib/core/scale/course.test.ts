import { expect, it } from 'vitest';
import { courseOf } from './course';

it('rises or falls by its ends, all the way when it goes back less than 1 L* in sum', () => {
	expect(courseOf([42, 50, 61])).toEqual({ kind: 'rises' });
	expect(courseOf([42, 41.6, 50, 61])).toEqual({ kind: 'rises' });
	expect(courseOf([61, 61.5, 50, 42])).toEqual({ kind: 'falls' });
	// It ends lower than it began: it does not rise, however little each step goes down.
	expect(courseOf([42, 41.6, 41.2, 40.8, 40.4, 40, 39.6, 39.2])).toEqual({ kind: 'falls' });
});

it('a scale that goes back 1 L* or more turns, and says where', () => {
	expect(courseOf([42, 80, 41])).toEqual({ kind: 'turns', at: [2] });
	expect(courseOf([20, 60, 40, 90])).toEqual({ kind: 'turns', at: [2, 3] });
	expect(courseOf([80, 20, 30, 60, 90, 85.5])).toEqual({ kind: 'turns', at: [2, 5] });
	// Small steps back that add up: no turn is plain, and the extremes are named.
	expect(courseOf([40, 40.8, 40.2, 41, 40.4, 41.2, 40.6, 41.4, 40.9])).toEqual({ kind: 'turns', at: [8] });
});

it('within 1 L* it is level', () => {
	expect(courseOf([42, 42.6, 41.7])).toEqual({ kind: 'level' });
	expect(courseOf([42, 43.1])).toEqual({ kind: 'rises' });
});

it('turns at every peak and every hollow, each where it is highest or lowest', () => {
	expect(courseOf([50, 30, 20, 40, 35, 60])).toEqual({ kind: 'turns', at: [3, 4, 5] });
	expect(courseOf([20, 40, 39.5, 60, 30, 31.5, 10])).toEqual({ kind: 'turns', at: [4, 5, 6] });
	// Down first, then up: the hollow is the lowest step, not the first that is low.
	expect(courseOf([60, 40, 38, 55])).toEqual({ kind: 'turns', at: [3] });
	expect(courseOf([40, 41.5, 40, 41.5])).toEqual({ kind: 'turns', at: [2, 3] });
	// Just so much apart is level still; going back by just so much is no way all the way, and no turn is plain.
	expect(courseOf([42, 43])).toEqual({ kind: 'level' });
	expect(courseOf([40, 60, 59, 80])).toEqual({ kind: 'turns', at: [] });
});
