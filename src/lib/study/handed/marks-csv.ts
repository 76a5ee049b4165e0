import { csvOf } from '$lib/core/format/csv';
import { type HandIn } from './hand-in';
import { type HandInLine } from './requests';

/** One hand-in as it is marked; late, where it came after the day on which it was due. */
export interface MarkedRow {
	readonly line: HandInLine;
	readonly handIn: HandIn;
	readonly isLate: boolean;
}

/** Marks and checks of a class as CSV (RFC 4180): a row for each hand-in, a column for each check, by what is asked. */
export function marksCsv(rows: readonly MarkedRow[]): string {
	const asks = [...new Set(rows.flatMap(({ handIn }) => handIn.asked.map(headingOf(handIn))))];
	return csvOf([
		['name', 'handed in', 'late', 'checks held', 'checks asked', 'mark', ...asks],
		...rows.map(({ line, handIn, isLate }) => {
			const heading = headingOf(handIn);
			const of = new Map(handIn.asked.map((each) => [heading(each), each]));
			return [
				line.maker,
				line.at,
				isLate ? 'late' : '',
				String(line.held),
				String(line.asked),
				line.given.mark,
				...asks.map((name) => {
					const each = of.get(name);
					return each ? `${each.holds ? 'holds' : 'does not hold'}: ${each.reason}` : '';
				})
			];
		})
	]);
}

/** "2. Four intervals: even steps, row 3" */
const headingOf =
	({ study }: HandIn) =>
	({ plate, asks, of }: HandIn['asked'][number]): string => {
		const at = study.answers?.plates.findIndex(({ id }) => id === plate) ?? -1;
		return `${at < 0 ? '' : `${at + 1}. `}${asks}${of ? `, ${of}` : ''}`;
	};
