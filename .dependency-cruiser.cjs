/** The layers of docs/architecture.md, and no circles. Each rule names what may not be reached from where. */
const from = (path) => ({ path, pathNot: '\\.test\\.ts$|/testing/' });

module.exports = {
	forbidden: [
		{ name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
		{
			name: 'core-knows-only-itself',
			severity: 'error',
			from: from('^src/lib/core/'),
			to: { pathNot: '^src/lib/core/' }
		},
		{
			name: 'model-knows-core-and-zod',
			severity: 'error',
			from: from('^src/lib/model/'),
			to: { pathNot: '^src/lib/(core|model)/|^node_modules/zod/' }
		},
		{
			name: 'drawing-knows-core-and-model',
			severity: 'error',
			from: from('^src/lib/drawing/'),
			to: { pathNot: '^src/lib/(core|model|drawing)/' }
		},
		{
			name: 'server-stays-on-the-server',
			severity: 'error',
			from: {
				path: '^src/(lib|routes)/',
				pathNot: '^src/lib/server/|\\+(server|(page|layout)\\.server)\\.ts$|\\.test\\.ts$'
			},
			to: { path: '^src/lib/server/' }
		},
		{
			name: 'server-has-no-interface',
			severity: 'error',
			from: { path: '^src/lib/server/' },
			to: { path: '^src/lib/(ui|workbench)/' }
		},
		{
			name: 'ui-knows-no-workbench',
			severity: 'error',
			from: { path: '^src/lib/ui/' },
			to: { path: '^src/(lib/(workbench|server)|routes)/' }
		},
		{
			name: 'nothing-reaches-into-routes',
			severity: 'error',
			from: { path: '^src/lib/' },
			to: { path: '^src/routes/' }
		},
		{
			name: 'no-development-packages-in-the-product',
			severity: 'error',
			from: { path: '^src/', pathNot: '\\.test\\.ts$|/testing/|\\.svelte$' },
			to: { dependencyTypes: ['npm-dev'], pathNot: '^node_modules/(@sveltejs|svelte)/' }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		webpackConfig: { fileName: '.dependency-cruiser.resolve.cjs' },
		enhancedResolveOptions: {
			extensions: ['.ts', '.js', '.svelte', '.svelte.ts', '.d.ts'],
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'import', 'default', 'types']
		},
		exclude: { path: '^\\$(app|env)/|\\?' }
	}
};
