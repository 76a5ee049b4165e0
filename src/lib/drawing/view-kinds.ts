import { type Deficiency } from '$lib/core/vision/deficiency';

/** How a study is looked at: it changes what is seen, never what is stored or taken away. */
export const VIEWS = ['colour', 'value', 'protan', 'deutan', 'tritan'] as const satisfies readonly (
	'colour' | 'value' | Deficiency
)[];

export interface View {
	readonly kind: (typeof VIEWS)[number];
	/** How strong a deficiency is, 0–1. */
	readonly severity: number;
}

export const PLAIN_VIEW: View = { kind: 'colour', severity: 1 };
