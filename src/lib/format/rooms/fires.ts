import { say } from '../figure';
import { amount } from '../field-words';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	'plan-burn': 'burn planned',
	'light-burn': 'lit',
	'record-burn': 'burnt',
	'lay-layer': 'layer laid on',
	'see-fire': 'seen',
	'tend-fire': 'tended',
	'fire-water': 'watered',
	'read-fire': 'temperature read',
	'dip-fire': 'dipped',
	'quench-fire': 'quenched',
	'plan-day': 'day of barrels planned',
	relit: 'burnt again',
	'quench-water': 'water noted',
	'check-quench': 'checked for heat'
};

export const fields: Names = {
	left: 'left of it',
	layer: 'layer',
	pieces: 'pieces',
	sign: 'seen',
	doing: 'done',
	rate: 'a minute',
	by: 'read by',
	barrels: 'barrels',
	rounds: 'rounds',
	hands: 'hands',
	woodFrom: 'wood from',
	woodWeight: 'wood as it lay, weight',
	woodWater: 'water in it, %',
	woodClass: 'kind of wood',
	charWeight: 'char as it lay, weight',
	litAt: 'lit at',
	layers: 'layers',
	hottest: 'hottest read',
	hottestBy: 'read by',
	wind: 'wind',
	people: 'people',
	quench: 'put out by',
	hoseMinutes: 'minutes of hose',
	hoseRate: 'the hose gives a minute',
	fills: 'times it was filled',
	byFeel: 'lifted, not weighed',
	longest: 'longest pieces',
	thick: 'their thickness',
	cutSeconds: 'seconds for a cut',
	troubles: 'what went wrong',
	baseline: 'it would have become',
	bones: 'bones, %',
	measuredBy: 'char measured by',
	char: 'char',
	loads: 'stacks loaded',
	sampleVolume: 'dried sample, volume',
	sampleMass: 'dried sample, weight',
	air: 'air beside it',
	waterOnSite: 'water on site',
	plannedFor: 'planned for',
	place1: 'place 1',
	place2: 'place 2',
	place3: 'place 3',
	place4: 'place 4',
	whiteSpots: 'white spots',
	charWeighed: 'all the char, weighed dry'
};

export const complaints: Complaints = {
	'no-hose-rate': () =>
		'What does the hose give a minute? Say it once, like water F6 hose 12 min at 11 L.',
	'line-burn': () => 'Write the vessel and the stacks: burn Lantern S2 8 barrows S5 all.',
	'relit-more': (facts, system) =>
		`${facts.code} held ${amount(facts, 'held_l', 'L', system)} before it burnt again: less than that must be left.`,
	'no-barrel': () => 'Choose at least one barrel.',
	'unknown-burn': ({ code }) => `There is no fire ${code} in the books.`,
	'no-load': () => 'Choose at least one stack.',
	'already-lit': ({ code }) => `${code} was lit before.`,
	'already-burnt': ({ code }) => `${code} is already recorded as burnt.`,
	'not-burnt': ({ code }) => `${code} is only planned: record the burn first.`,
	'lit-after-quench': () => 'It was quenched before that. A fire is lit first; check both times.',
	'lit-too-long': () =>
		'That is more than a year between lighting and quenching. Check both days and their years.',
	'bad-shifts': ({ part }) =>
		`“${part}” can’t be read. Write it like 14:00 1, 16:30 3: from then on so many.`,
	'pail-runs': ({ name }) =>
		`${name} holds embers that were skimmed and not quenched yet. Quench them first: they are a fire of their own.`,
	'pail-tended': ({ name, code }) =>
		`${name} is tended as ${code}: tap the embers there, so that they are counted once.`,
	'pail-empty': ({ name }) =>
		`Nothing was skimmed into ${name} since it was quenched last. Write it down first: skim ${name} 2 L.`,
	'before-quench': ({ code }) => `${code} was not quenched by then.`,
	'odd-density': (facts, system) =>
		`That sample comes to ${amount(facts, 'density', 'kg/L', system)}; dry char lies between ${say(0.04, 'kg/L', system)} and ${say(0.45, 'kg/L', system)}. Was it dried, and both figures of the same filling?`,
	'more-out-than-in': (facts, system) =>
		`That is ${amount(facts, 'out_kg', 'kg', system)} dry out of ${amount(facts, 'wood_kg', 'kg', system)} of dry wood. One of the three is off: the volume, the density or the stack.`
};
