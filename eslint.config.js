import { existsSync, readdirSync } from 'node:fs';
import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import * as regexp from 'eslint-plugin-regexp';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** The rooms of plate kinds: outside them nothing asks what kind a plate is. */
const KINDS = readdirSync('src/lib/plates', { withFileTypes: true })
	.filter((entry) => entry.isDirectory())
	.map(({ name }) => name);
/** Their exercises: outside its folder nothing asks which exercise a plate has. */
const EXERCISES = KINDS.flatMap((kind) => {
	const folder = `src/lib/plates/${kind}/exercises`;
	return existsSync(folder) ? readdirSync(folder) : [];
});
const AN_EXERCISE = `Literal[value=/^(${EXERCISES.join('|')})$/]`;
/** What names an exercise: `exercise`, or the name of one. */
const OF_ONE = ':has(Identifier[name=/^(exercise|name)$/])';
const ASKS_EXERCISE = 'Ask the exercise by the table of its kind (exercises.ts): only its folder knows its name.';
const A_KIND = `Literal[value=/^(${KINDS.join('|')})$/]`;
const ASKS = 'Ask the kind by its table (plates/kinds.ts): only a room knows its own name.';

/** A remark made by hand has no key by which the judge of sentences knows it. */
const NO_BARE_REMARK = [
	{
		selector: 'ObjectExpression:has(> Property[key.name="verdict"]):has(> Property[key.name="words"])',
		message:
			'What is said of colours comes from holds, look or said of $lib/core/remark, with a key for the judge of sentences.'
	}
];
const NO_EXERCISE = [
	{ selector: `BinaryExpression[operator=/^[!=]==?$/]${OF_ONE} > ${AN_EXERCISE}`, message: ASKS_EXERCISE },
	{ selector: `SwitchStatement${OF_ONE} > SwitchCase > ${AN_EXERCISE}`, message: ASKS_EXERCISE }
];

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', 'test-results/', '.cache/'] },
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		plugins: { regexp },
		rules: {
			// No pattern takes more time than in proportion to its text, whatever the text.
			'regexp/no-super-linear-backtracking': 'error',
			'regexp/no-super-linear-move': ['error', { report: 'potential' }],
			// TypeScript knows better which names exist.
			'no-undef': 'off',
			// Served at the root of its host, always: there is no base path to resolve.
			'svelte/no-navigation-without-resolve': 'off',
			// An index that the line above proves is in range needs no second check; strict indexing still asks for the mark.
			'@typescript-eslint/no-non-null-assertion': 'off',
			'@typescript-eslint/no-explicit-any': 'error',
			'@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
			'max-lines': ['error', { max: 320, skipBlankLines: true, skipComments: true }],
			'max-lines-per-function': ['error', { max: 70, skipBlankLines: true, skipComments: true }],
			'no-console': ['error', { allow: ['error'] }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } }
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-globals': ['error', 'Date', 'performance', 'crypto'],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'A seed comes in as an argument.' }
			]
		}
	},
	{
		files: ['src/lib/core/**'],
		ignores: ['src/lib/core/remark.ts', '**/*.test.ts'],
		rules: { 'no-restricted-syntax': ['error', ...NO_BARE_REMARK] }
	},
	{
		files: ['src/**'],
		ignores: ['src/lib/core/**', '**/*.test.ts'],
		rules: { 'no-restricted-syntax': ['error', ...NO_EXERCISE, ...NO_BARE_REMARK] }
	},
	{
		files: ['src/**'],
		ignores: ['src/lib/plates/*/**', 'src/lib/core/**', '**/*.test.ts'],
		rules: {
			'no-restricted-syntax': [
				'error',
				...NO_EXERCISE,
				...NO_BARE_REMARK,
				{ selector: `BinaryExpression[operator=/^[!=]==?$/] > ${A_KIND}`, message: ASKS },
				{ selector: `SwitchCase > ${A_KIND}`, message: ASKS }
			]
		}
	},
	{
		files: ['**/*.test.ts', 'tests/**', 'e2e/**', 'scripts/**', 'bench/**', '*.config.*', '*.cjs'],
		rules: {
			'max-lines-per-function': 'off',
			// Their texts are their own.
			'regexp/no-super-linear-backtracking': 'off',
			'regexp/no-super-linear-move': 'off',
			'no-console': 'off',
			'@typescript-eslint/no-require-imports': 'off',
			'no-undef': 'off'
		}
	}
);
