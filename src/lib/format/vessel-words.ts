import type { HoleVerdict, KitEvent, Shape, VesselUse } from '../core/vessels';

export const useWords: Readonly<Record<VesselUse, string>> = {
	'open-kiln': 'open kiln',
	trench: 'pit or trench',
	barrel: 'barrel, lit from the top',
	retort: 'retort chamber',
	'open-pile': 'open pile',
	stove: 'pail for embers',
	tub: 'tub for soaking'
};

export const shapeWords: Readonly<Record<Shape['kind'], string>> = {
	round: 'round',
	square: 'square',
	trench: 'long, with sloped sides',
	lying: 'a tank on its side',
	bowl: 'a bowl',
	pile: 'a heap on the ground'
};

/** What the width and the length of a shape are called. */
export const sideWords: Readonly<Record<Shape['kind'], { width: string; length: string }>> = {
	round: { width: 'Width at the rim', length: '' },
	square: { width: 'Width at the rim', length: '' },
	trench: { width: 'Width at the rim', length: 'Length at the rim' },
	lying: { width: 'Across the whole tank', length: 'Length' },
	bowl: { width: 'Width at the rim', length: '' },
	pile: { width: 'Width on the ground', length: 'Length on the ground' }
};

export const holeWords: Readonly<Record<HoleVerdict, string>> = {
	slow: 'little air: a slow burn',
	good: 'as it should be',
	fierce: 'much air: it burns away'
};

export const kitWords: Readonly<Record<KitEvent, { name: string; means: string }>> = {
	built: { name: 'built', means: 'new, or brought home' },
	changed: { name: 'changed', means: 'holes, chimney, shield' },
	failed: { name: 'failed', means: 'what broke or burnt through' },
	mended: { name: 'mended', means: 'it is sound again' },
	wear: { name: 'worn', means: 'thin, but it holds' }
};
