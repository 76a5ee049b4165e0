import { defineConfig } from '@playwright/test';

export default defineConfig({
	testDir: 'e2e',
	globalSetup: './tests/support/begun.ts',
	fullyParallel: false,
	// Each has a server and a folder of its own (e2e/test.ts).
	workers: 3,
	timeout: 60_000,
	// One try more, because a loaded machine can be late once; what needed it is counted apart and named, as a fault to mend.
	retries: 1,
	reporter: [['list']],
	outputDir: 'test-results',
	use: {
		viewport: { width: 1280, height: 800 },
		permissions: ['clipboard-read', 'clipboard-write'],
		launchOptions: {
			executablePath: '/usr/bin/chromium-headless-shell',
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	}
});
