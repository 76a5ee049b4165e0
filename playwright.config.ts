import { defineConfig } from '@playwright/test';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 4179;

export default defineConfig({
	testDir: 'e2e',
	fullyParallel: false,
	workers: 1,
	timeout: 60_000,
	// One try more, because a loaded machine can be late once; the report names what needed it, and that is a fault to mend.
	retries: 1,
	reporter: [['list']],
	outputDir: 'test-results',
	use: {
		baseURL: `http://127.0.0.1:${PORT}`,
		viewport: { width: 1280, height: 800 },
		permissions: ['clipboard-read', 'clipboard-write'],
		launchOptions: {
			executablePath: '/usr/bin/chromium',
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
	},
	webServer: {
		command: 'node build/index.js',
		url: `http://127.0.0.1:${PORT}`,
		timeout: 60_000,
		env: {
			HOST: '127.0.0.1',
			PORT: String(PORT),
			BODY_SIZE_LIMIT: '2M',
			RICERCAR_DEMO: 'fresh',
			RICERCAR_DATA: join(tmpdir(), `ricercar-e2e-${process.pid}`)
		}
	}
});
