import { describe, expect, it } from 'vitest';
import type { ParseContext } from '../core/units';
import { fieldSentences } from '../format/field-words';
import { fields, type Reading } from './form';
import { limits, type Limit } from './limits';
import { readField } from './read-field';

const units = { volume: 'L', length: 'm', mass: 'kg', temperature: '°C', part: 'L' } as const;

const all = Object.entries(limits).flatMap(([form, named]) =>
	('reads' in named ? [['', named] as const] : Object.entries<Limit>(named)).map(
		([name, limit]) => [`${form} ${name}`.trim(), limit as Limit] as const
	)
);

const reading = (system: ParseContext['system']): Reading => ({
	timeZone: 'UTC',
	person: 'Ines',
	now_ms: 0,
	...(system ? { system } : {})
});

/** An amount in the unit of a limit, as one would type it to the last digit. */
const typed = (value: number, { reads }: Limit) =>
	reads in units ? `${value} ${units[reads as keyof typeof units]}` : String(value);

describe.each(all)('the limits of %s', (_, limit) => {
	const both = (text: string) => {
		const { quantity, part } = fields(reading('metric'));
		const schema = limit.reads === 'part' ? part(limit) : quantity(limit);
		const act = schema.safeParse(text);
		return [readField(text, limit, reading('metric')).status, act.success ? 'ok' : 'issue'];
	};
	const within = (limit.high - limit.low) * 1e-3;

	it('hold alike while one types and in the act, on both sides of each edge', () => {
		for (const edge of [limit.low, limit.high])
			expect(both(typed(edge, limit))).toEqual(['ok', 'ok']);
		expect(both(typed(limit.high + within, limit))).toEqual(['issue', 'issue']);
		if (limit.low - within > 0)
			expect(both(typed(limit.low - within, limit))).toEqual(['issue', 'issue']);
	});

	it('come with an example that is read, in either system', () => {
		for (const system of ['metric', 'us'] as const)
			if (limit.like)
				expect(readField(limit.like[system], limit, reading(system)).status).toBe('ok');
	});

	it('are told with their range, in either system', () => {
		for (const system of ['metric', 'us'] as const) {
			const read = readField(typed(limit.high * 2 + 1, limit), limit, reading(system));
			if (read.status !== 'issue') throw new Error('above its limit it was read');
			const says = fieldSentences[read.code]?.(read.facts, system) ?? '';
			expect(says).toMatch(/between .*[\d¼½¾].* and .*\d/);
			if (limit.reads === 'volume')
				expect(says).toMatch(system === 'us' ? /gal|qt|cup|tbsp|tsp/ : /\d m?L\b/);
		}
	});
});

describe('one reading of a field', () => {
	it('takes a ratio in the order its form means', () => {
		expect(readField('1:4', limits.drench.parts, {}, 'second')).toEqual({ status: 'ok', value: 4 });
		expect(readField('2:1', limits.charge.ratio, {})).toEqual({ status: 'ok', value: 2 });
		expect(readField('1:1', limits.charge.ratio, {})).toEqual({ status: 'ok', value: 1 });
	});
});
