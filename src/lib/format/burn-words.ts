import type { Baseline, Quench, Trouble } from '../core/fires';

export const quenchWords: Readonly<Record<Quench, string>> = {
	flood: 'flooded and drained',
	hose: 'hosed and raked',
	snuff: 'shut off from the air'
};

export const troubleWords: Readonly<Record<Trouble, string>> = {
	wet: 'wood too wet: smoke',
	late: 'a layer or cap too late: ash',
	'thick-last': 'thick pieces last: brands',
	gusts: 'gusts',
	'opened-early': 'opened too early',
	relit: 'it lit again'
};

export const baselineWords: Readonly<Record<Baseline, string>> = {
	unsaid: 'not said',
	bonfire: 'an open bonfire',
	rot: 'left to rot',
	chips: 'chipped'
};
