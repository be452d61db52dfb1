import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { bin, ensureBuilt, ensureInstalled, run, stop } from './ready.mjs';

const browser = { chromium: '/usr/bin/chromium', driver: '/usr/bin/chromedriver' };

function ensureBrowser() {
	if (existsSync(browser.chromium) && existsSync(browser.driver)) return;
	const isRoot = process.getuid?.() === 0;
	const hasApt = spawnSync('apt-get', ['--version'], { stdio: 'ignore' }).status === 0;
	if (!isRoot || !hasApt)
		stop('The browser tests need Chromium and ChromeDriver at /usr/bin. Install the packages "chromium" and "chromium-driver" with your system\'s package manager, then run npm test again.');
	run('apt-get', ['update', '-q']);
	run('apt-get', ['install', '-y', '-q', '--no-install-recommends', 'chromium', 'chromium-driver']);
}

ensureInstalled();
ensureBrowser();
run('npm', ['run', '--silent', 'check']);
run('npm', ['run', '--silent', 'lint']);
run(bin('vitest'), ['run', '--project', 'unit']);
ensureBuilt();
run(bin('vitest'), ['run', '--project', 'browser']);
