import type { Rule } from '../cautions';
import { moistureLimits, type MoistureVerdict } from './moisture';

/** Wood that would go on a fire. */
export interface Loading {
	readonly stacks: readonly {
		readonly code: string;
		readonly held?: string | undefined;
		readonly verdict: MoistureVerdict | 'unread';
	}[];
	/** Litres that the load fills beyond what the vessel takes. */
	readonly over_l?: number | undefined;
	readonly vessel: string;
}

const isWet = (verdict: MoistureVerdict | 'unread') =>
	verdict === 'hold-back' || verdict === 'wont-burn';

/** What speaks against loading a stack. */
export const loadingRules: readonly Rule<Loading>[] = Object.freeze([
	{
		code: 'held',
		weight: 'never',
		when: 'A stack in quarantine: painted, treated, glued, from salt water, poisonous or of unknown source',
		lifted: 'The quarantine is lifted, with a reason',
		source: 'Refused wood: what it leaves in smoke, char and ash',
		finds: ({ stacks }) =>
			stacks.flatMap(({ code, held }) =>
				held === undefined ? [] : [{ of: code, facts: { code, reason: held } }]
			)
	},
	{
		code: 'wood-wet',
		weight: 'tell',
		when: `Wood read wetter than ${moistureLimits.slower * 100} % of its weight: it may dry until the day`,
		lifted: 'It is dried and read again',
		source: moistureLimits.source,
		finds: ({ stacks }) =>
			stacks
				.filter(({ verdict }) => isWet(verdict))
				.map(({ code }) => ({ of: code, facts: { code } }))
	},
	{
		code: 'load-overflows',
		weight: 'tell',
		when: 'More wood than the vessel takes at once',
		lifted: 'Less of it, or fed as it sinks',
		source: 'Litres of the stack against the vessel',
		finds: ({ over_l, vessel }) => over_l !== undefined && { facts: { name: vessel, over_l } }
	}
] satisfies readonly Rule<Loading>[]);
