import type { Facts, Rule } from '../cautions';
import { kgOf } from '../ledger';
import { days } from '../time';
import { apart_days, type Near } from './given';
import type { Putting } from './putting';

export const perM2 = (
	{ gives, target }: Putting,
	of: 'ash' | 'nitrogen' | 'mineral-nitrogen'
): number => (kgOf(gives, of) * 1000) / target.area_m2;

/** A liming agent: ash, lye of it, or ground limestone. */
export const isLime = ({ thing }: Putting): boolean =>
	thing.isAsh || thing.isLye || (thing.isLimestone ?? false);

/** A rule about one bed. */
export const ofBed = (
	is: (of: Putting) => boolean,
	facts: (of: Putting) => Facts = () => ({}),
	lifts: (of: Putting) => number | undefined = () => undefined
): Rule<Putting>['finds'] => {
	return (of) =>
		is(of) && {
			of: of.target.name,
			facts: { name: of.target.name, code: of.thing.code, ...facts(of) },
			lifts_ms: lifts(of)
		};
};

/** What of the other kind lies within two weeks, before or after. */
export const meets = (
	near: (of: Putting) => Near | undefined,
	is: (of: Putting) => boolean
): Rule<Putting>['finds'] =>
	ofBed(
		(of) => is(of) && near(of) !== undefined,
		(of) => {
			const { code = '', at_ms = 0 } = near(of) ?? {};
			const apart = Math.round(Math.abs(of.at_ms - at_ms) / days(1));
			return { other: code, days: apart, when: at_ms <= of.at_ms ? 'before' : 'after' };
		},
		(of) => {
			const { at_ms = 0 } = near(of) ?? {};
			return at_ms <= of.at_ms ? at_ms + days(apart_days) : undefined;
		}
	);
