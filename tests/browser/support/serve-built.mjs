// The production build on a free port, for one test.
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { serve } from '../../../scripts/serve.mjs';

const at = await serve({
	host: '127.0.0.1',
	port: 0,
	database: process.env.ASHDRIFT_DB ?? ''
});
console.log(`serving ${at}`);

// How long its own turns are, told to whoever asks.
const turns = monitorEventLoopDelay({ resolution: 5 });
turns.enable();
process.on('message', () => {
	process.send?.(turns.max / 1e6);
	turns.reset();
});
process.channel?.unref();
