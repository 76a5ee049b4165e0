import { expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { perWorkbench } from './per-workbench';
import { Workbench } from './workbench.svelte';

it('is made once for each workbench: what is in hand on one study is not in hand on another', () => {
	const toolOf = perWorkbench(() => ({ stroke: 'cells' }));
	const [one, other] = [newStudy('One', ''), newStudy('Other', '')].map((study) => new Workbench(study)) as [
		Workbench,
		Workbench
	];
	toolOf(one).stroke = 'areas';
	expect([toolOf(one).stroke, toolOf(other).stroke]).toEqual(['areas', 'cells']);
	expect(toolOf(one)).toBe(toolOf(one));
});
