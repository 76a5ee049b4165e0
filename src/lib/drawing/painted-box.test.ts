import { expect, it } from 'vitest';
import { paintedBox } from './painted-box';

/** Pixels drawn in letters: a point is the paper. */
const drawn = (...rows: string[]) => ({
	rgba: new Uint8ClampedArray(
		rows
			.join('')
			.split('')
			.flatMap((letter) => (letter === '.' ? [250, 250, 250, 255] : [30, 40, 50, 255]))
	),
	width: rows[0]!.length,
	height: rows.length
});

it('what is painted is found with nothing around it', () => {
	expect(paintedBox(drawn('......', '..##..', '...#..', '......'))).toEqual({ x: 2, y: 1, width: 2, height: 2 });
	expect(paintedBox(drawn('.....', '....#'))).toEqual({ x: 4, y: 1, width: 1, height: 1 });
	expect(paintedBox(drawn('....', '....'))).toBeNull();
});
