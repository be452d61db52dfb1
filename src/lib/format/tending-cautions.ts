import { amount, type Words } from './field-words';

/** What is said against a tap at a fire. */
export const tendingCautions = {
	'shut-while-gassing': () =>
		'Gas or steam still came when it was shut: a vessel sealed while it gasses can burst. Open it again, from the side.',
	'capped-before-through': () =>
		'No sign at the floor was seen yet: capped while it gasses it can flash when it is opened.',
	'hotter-than-fires': (facts, system) =>
		`${amount(facts, 'c', '°C', system)} is hotter than such fires get. If the gun shows °F it is ${amount(facts, 'as_c', '°C', system)}.`,
	'quench-short': (facts, system) =>
		`${amount(facts, 'used_l', 'L', system)} went on; its heat and char want ${amount(facts, 'least_l', 'L', system)} at least. Look for what still glows inside.`
} as const satisfies Readonly<Record<string, Words>>;
