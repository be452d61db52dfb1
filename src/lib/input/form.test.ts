import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { litres } from '../core/units';
import { fields, nameField, optional, readAct, unused, valuesOf, type Reading } from './form';

const reading: Reading = {
	system: 'metric',
	measures: [{ name: 'barrow', litres: 78 }],
	timeZone: 'Etc/GMT-2',
	person: 'Oda',
	now_ms: Date.UTC(2026, 5, 1, 12)
};
const send = (values: Record<string, string>) => ({ actId: 'an-act-of-a-form', ...values });
const most1000 = { reads: 'volume', low: 1, high: 1000 } as const;
const schema = z.object({ filled: fields(reading).quantity(most1000, litres) });

describe('a form', () => {
	it('loses control characters and over-long text, keeps line ends, joins repeats', () => {
		const form = new FormData();
		form.append('note', 'a\u0000b\u0007c\nd\te');
		form.append('loads', 'S1');
		form.append('loads', 'S2');
		form.append('long', 'x'.repeat(9000));
		const values = valuesOf(form);
		expect(values.note).toBe('abc\nd\te');
		expect(values.loads).toBe('S1\nS2');
		expect(values.long?.length).toBe(4000);
	});

	it('cannot reach what all objects have', () => {
		const form = new FormData();
		form.append('__proto__', 'x');
		form.append('constructor', 'y');
		const values = valuesOf(form);
		expect(Object.getPrototypeOf(values)).toBe(Object.prototype);
		expect(({} as Record<string, unknown>).x).toBeUndefined();
	});

	it('is read into quantities, with what was typed kept beside them', () => {
		const read = readAct(schema, send({ filled: '1 1/2 barrows' }), reading);
		expect(read).toMatchObject({
			ok: true,
			value: {
				input: { filled: 117 },
				envelope: {
					actId: 'an-act-of-a-form',
					person: 'Oda',
					happenedAt_ms: reading.now_ms,
					typed: { filled: '1 1/2 barrows' }
				}
			}
		});
	});

	it('takes a moment in the grower’s own zone', () => {
		const at = (happenedAt: string) => {
			const read = readAct(schema, send({ filled: '5', happenedAt }), reading);
			return read.ok ? new Date(read.value.envelope.happenedAt_ms).toISOString() : read.issues;
		};
		expect(at('2026-05-31T14:30')).toBe('2026-05-31T12:30:00.000Z');
		expect(at('yesterday')).toEqual([
			{ field: 'happenedAt', code: 'bad-date', facts: { part: 'yesterday' } }
		]);
	});

	it('without its act id, or with a forged one, is refused', () => {
		for (const actId of ['', 'short', "x'; DROP TABLE act; --", 'y'.repeat(61)]) {
			const read = readAct(schema, { actId, filled: '5' }, reading);
			expect(read).toMatchObject({ ok: false, issues: [{ field: 'actId', code: 'bad-form' }] });
		}
	});

	it('gives every complaint at its field with the figures its words need', () => {
		expect(readAct(schema, send({ filled: '2000 L' }), reading)).toMatchObject({
			ok: false,
			issues: [{ field: 'filled', code: 'out-of-range-volume', facts: { low: 1, high: 1000 } }]
		});
		expect(readAct(schema, send({ filled: '1,250' }), reading)).toMatchObject({
			ok: false,
			issues: [{ field: 'filled', code: 'ask-thousands', facts: { options: '1250 | 1.25' } }]
		});
	});

	it('never throws, whatever is sent', () => {
		const both = z.object({
			filled: optional(fields(reading).quantity(most1000, litres)),
			name: nameField,
			rest: unused
		});
		fc.assert(
			fc.property(
				fc.dictionary(
					fc.constantFrom('filled', 'name', 'rest', 'actId', 'happenedAt'),
					fc.string()
				),
				(values) => {
					const read = readAct(both, values, reading);
					if (!read.ok) expect(read.issues.length).toBeGreaterThan(0);
				}
			)
		);
	});
});

describe('a name', () => {
	it.each(['new', 'NEW', '..', '/', '', '   '])('of %j leads nowhere and is refused', (name) => {
		expect(nameField.safeParse(name).success).toBe(false);
	});
	it('keeps the letters of any tongue', () => {
		expect(nameField.parse(' Grüne Ecke 2 ')).toBe('Grüne Ecke 2');
	});
});
