import fc from 'fast-check';
import { expect, it } from 'vitest';
import { emptyHistory, noted, redone, settled, undone, type History } from './history';

const edit = (history: History<number>, before: number, after: number, act: string | null = null) =>
	noted(history, { label: 'edit', before, after, act });

it('undoing every edit leads back to the beginning, and redoing them to the end, whatever was done between', () => {
	fc.assert(
		fc.property(fc.array(fc.constantFrom('edit', 'drag', 'undo', 'redo'), { maxLength: 40 }), (acts) => {
			let history = emptyHistory<number>();
			let state = 0;
			let next = 1;
			const go = (step: { history: History<number>; state: number } | null) => {
				if (step) ({ history, state } = step);
				return step !== null;
			};
			for (const act of acts) {
				if (act === 'undo') go(undone(history));
				else if (act === 'redo') go(redone(history));
				else {
					history = edit(history, state, next, act === 'drag' ? 'drag' : null);
					state = next++;
				}
			}
			while (go(redone(history)));
			const end = state;
			while (go(undone(history)));
			expect(state).toBe(0);
			while (go(redone(history)));
			expect(state).toBe(end);
		}),
		{ seed: 8 }
	);
});

it('edits of one act are taken back together, other edits one by one', () => {
	let history = edit(emptyHistory<number>(), 0, 1, 'drag 1');
	history = edit(history, 1, 2, 'drag 1');
	history = edit(history, 2, 3, 'drag 2');
	expect(undone(history)?.state).toBe(2);
	expect(undone(undone(history)!.history)?.state).toBe(0);
});

it('a new edit forgets what had been undone, and only the last three hundred are kept', () => {
	let history = emptyHistory<number>();
	for (let i = 0; i < 400; i++) history = edit(history, i, i + 1);
	expect(history.past).toHaveLength(300);
	history = undone(history)!.history;
	expect(redone(edit(history, 399, 7))).toBeNull();
});

it('what was reckoned of a state later belongs to it, and is no step of its own', () => {
	let history = edit(emptyHistory<number>(), 0, 1);
	history = edit(history, 1, 2);
	history = settled(history, 2, 20);
	const back = undone(history)!;
	expect(back.state).toBe(1);
	expect(redone(back.history)!.state).toBe(20);
	// Of a state to which was gone back, too.
	const settledThere = settled(back.history, 1, 10);
	expect(redone(settledThere)!.state).toBe(20);
	expect(undone(redone(settledThere)!.history)!.state).toBe(10);
	expect(undone(settledThere)!.state).toBe(0);
});
