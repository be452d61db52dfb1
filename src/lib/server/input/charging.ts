import { z } from 'zod';
import { partners, schools, type CressTest } from '../../core/charging';
import { celsius } from '../../core/units';
import type { ChargeInput } from '../usecases/start-charge';
import type { TestInput } from '../usecases/test-charge';
import { fields, ids, oneOf, optional, text, unused, type Reading, type Values } from './form';

/** The partner field names a kind to bring in, or a lot in the books as `lot:P3:urine`. */
export function chargeSchema(reading: Reading, values: Values) {
	const { part, number, temperature } = fields(reading);
	const soak = schools.find(({ id }) => id === values.school)?.kind === 'soak';
	return z
		.object({
			char: text(12),
			part: optional(part(100_000)),
			school: oneOf(ids(schools)),
			partner: text(60),
			ratio: soak ? unused : number(0.1, 10),
			wantedN: soak ? number(0.5, 30) : unused,
			tub: optional(z.string().max(60)),
			temperature: temperature(celsius, -20, 60)
		})
		.transform((typed, ctx): ChargeInput => {
			const lot = /^lot:(P\d{1,7}):(.+)$/.exec(typed.partner);
			const partner = partners.find((entry) => entry.id === (lot?.[2] ?? typed.partner));
			if (!partner) {
				ctx.addIssue({ code: 'custom', message: 'choose', path: ['partner'] });
				return z.NEVER;
			}
			return {
				char: typed.char,
				part: typed.part ?? 'all',
				school: typed.school,
				partner: partner.id,
				partnerLot: lot?.[1],
				ratio: soak ? 1 : (typed.ratio as number),
				wantedN: soak ? (typed.wantedN as number) : 5,
				tub: soak ? typed.tub : undefined,
				temperature: typed.temperature
			};
		});
}

const cressNames = [
	'germinated',
	'seeds',
	'root',
	'controlGerminated',
	'controlSeeds',
	'controlRoot'
] as const;

/** The school's own test, and the cress test when any of its six numbers is given. */
export function testSchema(reading: Reading, code: string, values: Values) {
	const { number } = fields(reading);
	const given = cressNames.some((name) => values[name]?.trim());
	const cell = given ? number(0, 1000) : unused;
	return z
		.object({
			passed: oneOf(['yes', 'no']),
			...Object.fromEntries(cressNames.map((name) => [name, cell]))
		})
		.transform((typed): TestInput => {
			const cells = typed as Record<string, number | string>;
			const at = (name: (typeof cressNames)[number]) => Number(cells[name]);
			const cress: CressTest | undefined = given
				? {
						germinated: at('germinated'),
						seeds: at('seeds'),
						meanRoot_mm: at('root'),
						controlGerminated: at('controlGerminated'),
						controlSeeds: at('controlSeeds'),
						controlMeanRoot_mm: at('controlRoot')
					}
				: undefined;
			return { code, passed: typed.passed === 'yes', cress };
		});
}
