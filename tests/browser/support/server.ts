import { spawn, type ChildProcess } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { inject } from 'vitest';

const root = resolve(import.meta.dirname, '../../..');

export interface Server {
	readonly address: string;
	readonly database: string;
	/** End as a person would, or pull the plug. */
	stop(signal?: 'SIGTERM' | 'SIGKILL'): Promise<void>;
	/** The longest its main process kept everybody waiting since last asked, ms. */
	longestBlock(): Promise<number>;
	/** What its main process holds on to, bytes: its heap after a sweep. */
	memory(): Promise<number>;
	/** What the program wrote to its log. */
	log(): string;
}

/** A folder of its own for a database; removed with `drop`. */
export function ownFolder(): { database: string; drop: () => void } {
	const folder = mkdtempSync(join(tmpdir(), 'ashdrift-test-'));
	return {
		database: join(folder, 'books.sqlite'),
		drop: () => rmSync(folder, { recursive: true, force: true })
	};
}

/** Serve the production build on a free port, at a frozen moment, and wait until it answers. */
export async function startServer(options: {
	database: string;
	now?: string;
	/** A copy of the demo garden as it is at noon of 24 November 2026. */
	demo?: boolean;
	passphrase?: string;
	/** Anything else of its environment. */
	env?: Readonly<Record<string, string>>;
}): Promise<Server> {
	if (options.demo) copyFileSync(inject('garden'), options.database);
	const child = spawn(process.execPath, [join(root, 'tests/browser/support/serve-built.mjs')], {
		cwd: root,
		env: {
			...process.env,
			ASHDRIFT_DB: options.database,
			ASHDRIFT_LOG: 'info',
			TZ: 'UTC',
			ASHDRIFT_PASSPHRASE: options.passphrase ?? '',
			...(options.now === undefined ? {} : { ASHDRIFT_NOW: options.now }),
			...options.env
		},
		stdio: ['pipe', 'pipe', 'pipe', 'ipc']
	});
	let output = '';
	child.stdout?.on('data', (chunk: Buffer) => (output += chunk.toString()));
	child.stderr?.on('data', (chunk: Buffer) => (output += chunk.toString()));
	const address = await new Promise<string>((found, failed) => {
		child.stdout?.on('data', () => {
			const said = /serving (https?:\/\/\S+)/.exec(output)?.[1];
			if (said) found(said);
		});
		child.once('exit', (code) => failed(new Error(`The server ended with ${code}:\n${output}`)));
	});
	return {
		address,
		database: options.database,
		log: () => output,
		longestBlock: () => asked(child, 'longest block'),
		memory: () => asked(child, 'memory'),
		stop: (signal = 'SIGTERM') => end(child, signal)
	};
}

const asked = (child: ChildProcess, what: string): Promise<number> =>
	new Promise((told) => {
		child.once('message', (figure: number) => told(figure));
		child.send(what);
	});

function end(child: ChildProcess, signal: NodeJS.Signals): Promise<void> {
	if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
	const ended = new Promise<void>((done) => child.once('exit', () => done()));
	child.kill(signal);
	return ended;
}
