import { measureListSchema, measureSchema, type KeptMatch, type Measure } from '$lib/model/own-contrast';
import { ask, asJson } from './asking';

const PATH = '/api/measures';

/** The measures that are kept, the newest first. */
export async function listMeasures(): Promise<Measure[]> {
	return measureListSchema.parse(await (await ask(PATH)).json()).measures;
}

export async function keepMeasure(matches: readonly KeptMatch[]): Promise<Measure> {
	return measureSchema.parse(await (await ask(PATH, asJson('POST', { matches }))).json());
}

export const deleteMeasure = (id: string): Promise<Response> => ask(`${PATH}/${id}`, { method: 'DELETE' });
export const restoreMeasure = (id: string): Promise<Response> => ask(`${PATH}/${id}/restore`, { method: 'POST' });
