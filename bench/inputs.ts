import { toLinear } from '../src/lib/core/colour/colour';
import { readColour } from '../src/lib/core/colour/read';
import { linearToLab } from '../src/lib/core/difference/lab-of-linear';
import { randomHex, seeded } from '../tests/support/colours';

/** The same made-up inputs for every race. */
export const next = seeded(2);
export const HEXES = Array.from({ length: 4001 }, () => randomHex(next));
export const LINEARS = HEXES.map((hex) => toLinear(readColour(hex)));
export const LABS = LINEARS.map(linearToLab);

export const CULORI = 'culori 4.0.2';

/** A race's work over neighbouring pairs of the inputs. */
export const pairs = (count: number, work: (a: string, b: string) => number) => (): number => {
	let sum = 0;
	for (let i = 0; i < count; i++) sum += work(HEXES[i]!, HEXES[i + 1]!);
	return sum;
};
