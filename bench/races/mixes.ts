import ColorJs from 'colorjs.io';
import { samples } from 'culori';
import * as spectral from 'spectral.js';
import { type Triple } from '../../src/lib/core/colour/vector';
import { linearToXyz } from '../../src/lib/core/colour/xyz';
import { appearanceOf, conditionsOf, type Viewing } from '../../src/lib/core/ground/cam16';
import { mixPaint } from '../../src/lib/core/mix/paint';
import { pathBetween, pointOn } from '../../src/lib/core/scale/path';
import { HEXES, LINEARS } from '../inputs';
import { type Race } from '../race';

const COUNT = 200;
const SPECTRAL = HEXES.slice(0, COUNT + 1).map((hex) => new spectral.Color(hex));
const NINE = samples(9);

const summed = (work: (i: number) => number) => (): number => {
	let sum = 0;
	for (let i = 0; i < COUNT; i++) sum += work(i);
	return sum;
};
/** Both keep what they have reckoned of a parent, so both races are about mixing alone. */
const stirred = (i: number, share: number): number =>
	spectral.mix([SPECTRAL[i]!, 1 - share], [SPECTRAL[i + 1]!, share]).lRGB[1]!;

const VIEWING: Viewing = { white: [95.047, 100, 108.883], adapting: 16, background: 20, surround: 'average' };
const CONDITIONS = conditionsOf(VIEWING);
const XYZ = LINEARS.slice(0, COUNT).map((linear) => linearToXyz(linear).map((x) => 100 * x) as Triple);
const COLORJS = XYZ.map((xyz) => new ColorJs('xyz-d65', xyz.map((x) => x / 100) as Triple));

export const MIX_RACES: readonly Race[] = [
	{
		work: 'paint mix, half and half',
		reference: 'spectral.js 3.0.0',
		goal: 8,
		ours: summed(
			(i) =>
				mixPaint([
					{ linear: LINEARS[i]!, weight: 1 },
					{ linear: LINEARS[i + 1]!, weight: 1 }
				])[1]
		),
		theirs: summed((i) => stirred(i, 0.5))
	},
	{
		work: 'paint scale of 9 steps',
		reference: 'spectral.js 3.0.0',
		goal: 5,
		ours: summed((i) => {
			const path = pathBetween(LINEARS[i]!, LINEARS[i + 1]!, 'paint', false);
			return NINE.reduce((sum, share) => sum + pointOn(path, share).linear[1], 0);
		}),
		theirs: summed((i) => NINE.reduce((sum, share) => sum + stirred(i, share), 0))
	},
	{
		work: 'appearance by CIECAM16',
		reference: 'colorjs.io 0.7.1',
		goal: 1,
		ours: summed((i) => appearanceOf(XYZ[i]!, CONDITIONS).J),
		theirs: summed((i) => COLORJS[i]!.to('cam16-jmh').coords[0] ?? 0)
	}
];
