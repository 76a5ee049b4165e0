/** The layers of docs/architecture.md, and no circles. Each rule names what may not be reached from where. */
const from = (path) => ({ path, pathNot: '\\.test\\.ts$|/testing/' });

module.exports = {
	forbidden: [
		{
			name: 'no-circles',
			severity: 'error',
			from: {},
			// What is loaded later closes no circle when the modules start.
			to: { circular: true, viaOnly: { dependencyTypesNot: ['dynamic-import'] } }
		},
		{
			name: 'core-knows-only-itself',
			severity: 'error',
			from: from('^src/lib/core/'),
			// Polygons are joined by a pure library of their own.
			to: { pathNot: '^src/lib/core/|^node_modules/clipper2-ts/' }
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
			// A picture of our own making is written as PNG by a pure library.
			to: { pathNot: '^src/lib/(core|model|drawing)/|^node_modules/(?:fast-png|fflate)/' }
		},
		{
			name: 'plates-are-pure-but-for-their-bench',
			severity: 'error',
			from: { path: '^src/lib/plates/', pathNot: '\\.test\\.ts$|/bench/|/benches\\.svelte\\.ts$' },
			to: { pathNot: '^src/lib/(core|model|drawing|plates)/|^node_modules/zod/' }
		},
		{
			name: 'the-pure-side-knows-no-bench',
			severity: 'error',
			from: { path: '^src/lib/(plates|study|server)/', pathNot: '/bench/|/benches\\.svelte\\.ts$' },
			to: { path: '^src/lib/plates/.*bench' }
		},
		{
			name: 'rooms-know-no-other-room-but-the-scales',
			severity: 'error',
			from: { path: '^src/lib/plates/([^/]+)/' },
			to: { path: '^src/lib/plates/[^/]+/', pathNot: '^src/lib/plates/($1|scales)/' }
		},
		{
			name: 'nobody-outside-knows-a-room',
			severity: 'error',
			from: {
				path: '^src/',
				pathNot: '^src/lib/plates/([^/]+/|kinds\\.ts$|kind\\.ts$|benches\\.svelte\\.ts$)|\\.test\\.ts$'
			},
			to: { path: '^src/lib/plates/[^/]+/' }
		},
		{
			name: 'study-knows-kinds-only-by-their-table',
			severity: 'error',
			from: from('^src/lib/study/'),
			// The text of a brief is CommonMark, its fingerprint SHA-256: both by pure libraries.
			to: {
				pathNot: '^src/lib/(core|model|drawing|plates|study)/|^node_modules/(zod|commonmark|@noble/hashes)/'
			}
		},
		{
			name: 'paper-knows-the-study',
			severity: 'error',
			from: from('^src/lib/paper/'),
			to: { pathNot: '^src/lib/(core|model|drawing|plates|study|paper)/|^node_modules/svgpath/' }
		},
		{
			name: 'drawings-are-read-apart-from-all-else',
			severity: 'error',
			from: from('^src/lib/svg-in/'),
			to: { pathNot: '^src/lib/(core|svg-in)/|^node_modules/(svgpath|saxes)/' }
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
			to: { dependencyTypes: ['npm-dev'], pathNot: '^node_modules/(@sveltejs|svelte|@types)/' }
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
