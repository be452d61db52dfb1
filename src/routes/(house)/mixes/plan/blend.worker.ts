import highs from 'highs';
import wasm from 'highs/runtime?url';
import { bestBlend, type Program, type Solve, type Solved } from '$lib/core/mixes';

/** A worker of its own: the page’s policy lets no WebAssembly run on the page, and its ending is how one cancels. */
const solver = highs({ locateFile: () => wasm });

const solve: Solve = async (text) => (await solver).solve(text) as unknown as Solved;

self.onmessage = ({ data }: MessageEvent<Program>) => {
	bestBlend(data, solve).then(
		(answer) => self.postMessage(answer),
		(error: unknown) => self.postMessage({ status: 'failed', why: String(error) })
	);
};
