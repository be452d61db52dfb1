import { blocksTried, drawsOfPower, powerOf, type Asked } from '$lib/core/trials';
import type { PowerPoint } from './power';

/** Point by point, each told as it is found; ending the worker is how one cancels. */
self.onmessage = ({ data }: MessageEvent<Omit<Asked, 'blocks'>>) => {
	for (const blocks of blocksTried) {
		const point: PowerPoint = {
			blocks,
			power: powerOf({ ...data, blocks }, blocks, drawsOfPower),
			left: blocksTried.length - blocksTried.indexOf(blocks) - 1
		};
		self.postMessage(point);
	}
};
