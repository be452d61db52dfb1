// The production build on a free port, for one test.
import { serve } from '../../../scripts/serve.mjs';

const at = await serve({
	host: '127.0.0.1',
	port: 0,
	database: process.env.ASHDRIFT_DB ?? '',
	demo: process.env.ASHDRIFT_TEST_DEMO === '1'
});
console.log(`serving ${at}`);
