import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** What runs in threads of its own beside the server: each a file that needs nothing but the packages that stay outside. */
export default defineConfig({
	publicDir: false,
	resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
	ssr: { noExternal: true, external: ['better-sqlite3'] },
	build: {
		ssr: true,
		outDir: 'build/threads',
		target: 'node20',
		rollupOptions: {
			input: {
				notebook: 'src/lib/server/notebook/thread.ts',
				laws: 'src/lib/server/keeping/laws-thread.ts'
			}
		}
	}
});
