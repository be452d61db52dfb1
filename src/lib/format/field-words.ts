import type { System, Unit } from '../core/units';
import { say } from './figure';

type Facts = Readonly<Record<string, string | number>>;
export type Words = (facts: Facts, system: System | undefined) => string;

export const number = (facts: Facts, key: string) => Number(facts[key] ?? 0);
export const amount = (facts: Facts, key: string, unit: Unit, system: System | undefined) =>
	say(number(facts, key), unit, system);
const range =
	(unit: Unit): Words =>
	(facts, system) =>
		`This must lie between ${amount(facts, 'low', unit, system)} and ${amount(facts, 'high', unit, system)}.`;

/** What is wrong with the text of one field, and how it would be right: said while one types, and by the act. */
export const fieldSentences: Readonly<Record<string, Words>> = {
	'bad-empty': () => 'This is needed. Type an amount or choose one.',
	'bad-number': ({ part }) => `"${part}" is no number the program can read. Try 12.5 or 1 1/2.`,
	'bad-unit': ({ part }) =>
		`"${part}" is no unit or measure of yours that fits here. Try one of the units beside the field; or say once under Settings how much one ${String(part).replace(/s$/, '')} holds, and it is read everywhere from then on.`,
	'bad-kind': ({ part }) =>
		`"${part}" measures something else than is asked here. Try one of the units beside the field.`,
	'bad-negative': () => 'This can’t be less than nothing.',
	'ask-thousands': ({ options }) =>
		`Is that ${String(options).replace(' | ', ' or ')}? A comma or point before three digits can be read both ways; type the one you mean.`,
	'ask-comma': ({ options }) =>
		`Is that ${String(options).replace(' | ', ' or ')}? A comma before two or three digits can be read both ways; type the one you mean.`,
	'ask-spoon': ({ options }) =>
		`Is that ${String(options).replace(' | ', ' or ')}? Type the one you mean; a capital T is a tablespoon.`,
	'ask-cup': ({ options }) =>
		`Which cup? Type ${String(options).replace(' | ', ' or ')}, or choose your units in Settings.`,
	'ask-rate-cup': ({ options }) =>
		`Which cup? They differ by 6 %. Type ${String(options).replace(' | ', ' or ')}.`,
	'ask-weight': ({ options }) =>
		`Dry, or as it lies with its water? Type ${String(options).replace(' | ', ' or ')}.`,
	'ask-percent': ({ options }) =>
		`Is that ${String(options).replace(' | ', ' or ')}? Type the one you mean.`,
	'ask-part': ({ options }) =>
		`Is that ${String(options).replace(' | ', ' or ')}? Type the one you mean.`,
	'out-of-range-volume': range('L'),
	'out-of-range-length': range('m'),
	'out-of-range-mass': range('kg'),
	'out-of-range-temperature': range('°C'),
	'out-of-range-number': (facts) => `This must lie between ${facts.low} and ${facts.high}.`
};
