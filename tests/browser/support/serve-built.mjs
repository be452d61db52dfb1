// The production build on a free port, for one test.
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { serve } from '../../../scripts/serve.mjs';

const at = await serve({
	host: '127.0.0.1',
	// A server that comes back must be found where it was.
	port: Number(process.env.ASHDRIFT_TEST_PORT ?? 0),
	database: process.env.ASHDRIFT_DB ?? ''
});
console.log(`serving ${at}`);

// How long its own turns are, told to whoever asks.
const turns = monitorEventLoopDelay({ resolution: 5 });
turns.enable();
process.on('message', (what) => {
	if (what === 'memory') return process.send?.(heap());
	process.send?.(turns.max / 1e6);
	turns.reset();
});

/** What is held on to once all that is not was swept away. */
function heap() {
	setFlagsFromString('--expose-gc');
	runInNewContext('gc')();
	return process.memoryUsage().heapUsed;
}
process.channel?.unref();
