import { isColourDemand } from '../../src/lib/core/brief/asked-of-colours';
import { remarksOnDesign } from '../../src/lib/core/pattern/remarks';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { type ColourSource } from '../../src/lib/model/colour-text';
import { textOf } from '../../src/lib/model/resolve';
import { remarksOnClimates } from '../../src/lib/plates/pattern/climate-remarks';
import { readingsOf } from '../../src/lib/plates/pattern/design';
import { gridOfPlate } from '../../src/lib/plates/pattern/field';
import { pattern } from '../../src/lib/plates/pattern/kind';
import { type PatternPlate } from '../../src/lib/plates/pattern/schema';
import { PATTERN_JUDGES, type ShownDesign } from './patterns';
import { exact, linearOf, numbersIn } from './reckon';

interface Judged {
	readonly key: SentenceKey;
	readonly words: string;
	readonly so: boolean;
}

/** What is said of a design, judged by its squares. */
export function saidOfPattern(plate: PatternPlate): Judged[] {
	const squares = gridOfPlate(plate).cells.length;
	const letter = (i: number): number => 'ABCDEF'.indexOf(plate.cells[i] ?? '.');
	const reckoned = (sources: readonly ColourSource[]) => sources.map((source) => exact(linearOf(textOf(source, []))));
	const own = reckoned(plate.colours.map(({ source }) => source));
	const climates = [
		{ name: 'As it is', colours: own },
		...plate.climates.map(({ name, colours }) => ({ name, colours: reckoned(colours) }))
	];
	const shown: ShownDesign = {
		columns: plate.grid.columns,
		cells: Array.from({ length: squares }, (_, i) => (letter(i) < 0 ? null : letter(i))),
		colours: own,
		rule: null,
		holds: true,
		climates
	};
	const judgeOf = (key: SentenceKey) => PATTERN_JUDGES[key as keyof typeof PATTERN_JUDGES];
	const remarks = [
		...remarksOnDesign(readingsOf(plate, [])),
		...remarksOnClimates(climates.map(({ name }, i) => ({ name, readings: readingsOf(plate, [], i) })))
	].map(({ key, words }): Judged => ({ key, words, so: judgeOf(key)(words, shown) }));
	const verdicts = pattern.checks.judged(plate, []).flatMap(({ id, key, reason, holds }): Judged[] => {
		const { rule } = plate.checks.find((check) => check.id === id)!;
		return isColourDemand(rule) ? [] : [{ key, words: reason, so: judgeOf(key)(reason, { ...shown, rule, holds }) }];
	});
	const words = pattern.describe(plate, []);
	const [columns, filled, cells] = numbersIn(words);
	const counted =
		columns === plate.grid.columns &&
		cells === squares &&
		filled === shown.cells.filter((each) => each !== null).length;
	return [...remarks, ...verdicts, { key: 'describe', words, so: counted }];
}
