import { workBarrels } from '../demo/holding-stores';
import { growBarrels } from '../demo/barrels';
import { sheets } from './sheets/fires';
import { depthAtVolume } from '../../core/vessels';
import { litres } from '../../core/units';
import { sayDay, sayFromNow } from '../../format/dates';
import { say } from '../../format/figure';
import { nextCheckWords, proofReason } from '../../format/proof-words';
import { burnVerb, charVerb, waterVerb } from '../line/verbs/burn';
import { checkVerb } from '../line/verbs/check';
import { quenchVerb } from '../line/verbs/pail';
import { tempVerb } from '../line/verbs/temp';
import { isBurning, isHot, openFires, type BurnLine } from '../questions/fires';
import type { Saying } from '../line/saying';
import type { Duty, Moment, Room } from './room';

export const fires: Room = {
	id: 'fires',
	sheets,
	work: workBarrels,
	grow: growBarrels,
	verbs: [tempVerb, checkVerb, burnVerb, charVerb, waterVerb, quenchVerb],
	things: (books, now_ms) =>
		openFires(books, now_ms).map(({ burn, vessel, proof }) => {
			const state = isBurning({ burn })
				? 'burning'
				: !burn.record && !burn.lit?.quenched
					? 'planned'
					: !proof || proof.stage === 'unproven'
						? 'hot'
						: 'out';
			return {
				code: burn.code,
				kind: 'burn' as const,
				name: `${vessel.name}, ${state}`,
				facts: { state }
			};
		}),
	counts: (books, now_ms) => ({
		href: '/fires',
		n: openFires(books, now_ms).filter(isHot).length,
		word: 'hot'
	}),
	duties: (books, now_ms, saying) =>
		openFires(books, now_ms).flatMap((line) => dutyOf(line, now_ms, saying) ?? [])
};

function dutyOf(line: BurnLine, now_ms: number, saying: Saying): Duty | undefined {
	const { burn, vessel, proof } = line;
	const about = {
		code: burn.code,
		name: vessel.name,
		href: `/fires/${burn.code}`,
		moments: momentsOf(line, now_ms)
	};
	if (isBurning(line)) return burning(about, burn.lit?.litAt_ms ?? now_ms, saying);
	if (!burn.record && burn.lit?.gaveUp_ms !== undefined) return undefined;
	if (!burn.record && burn.lit?.quenched) return quenched(line, about, now_ms, saying);
	if (!burn.record) return planned(about, burn.plan?.plannedFor_ms ?? now_ms, saying);
	if (isHot(line)) return hot(line, about, now_ms, saying);
	if (!proof) return undefined;
	const next_ms = proof.next?.at_ms ?? now_ms;
	if (line.isAbout && proof.stage === 'once')
		return {
			...about,
			is: proof.overdue ? 'due' : 'watch',
			state: 'cold so far',
			says: `${proofReason(proof)} ${nextCheckWords(proof, saying.almanac)}`,
			act: 'Check it',
			told: proof.overdue
				? ['fire wants the next check', 'fires want the next check']
				: ['fire wants another look', 'fires want another look'],
			clock: { does: 'Look again at', due_ms: next_ms }
		};
	if (proof.stage !== 'series' || (proof.storedFrom_ms ?? 0) <= now_ms) return undefined;
	return {
		...about,
		is: 'working',
		state: 'proven out',
		says: `May go indoors ${sayFromNow(proof.storedFrom_ms ?? now_ms, saying.almanac)}.`
	};
}

type About = Pick<Duty, 'code' | 'name' | 'href' | 'moments'>;

function hot(line: BurnLine, about: About, now_ms: number, { almanac, system }: Saying): Duty {
	const { burn, vessel, proof } = line;
	const char_l = litres(burn.record?.charLitres ?? 0);
	const at = depthAtVolume(vessel.shape, char_l);
	const quenched = sayFromNow(burn.record?.quenchedAt_ms ?? now_ms, almanac);
	const proven = proof ? ` ${proofReason(proof)} ${nextCheckWords(proof, almanac)}` : '';
	return {
		...about,
		is: 'wrong',
		state: 'not proven out',
		says: `Quenched ${quenched}.${proven} Until three places pass at full depth, its ${say(char_l, 'L', system)} count as hot.`,
		act: 'Check it now',
		told: ['fire is not proven out', 'fires are not proven out'],
		clock: { does: 'Check', due_ms: proof?.next?.at_ms ?? now_ms },
		drawing: {
			of: 'burn',
			data: {
				shape: vessel.shape,
				depth: at.status === 'holds' ? at.depth : vessel.shape.depth,
				hot: true,
				caption: `${vessel.name}, ${say(char_l, 'L', system)}.`
			}
		}
	};
}

/** It is never left: its page is the one to be on. */
const burning = (about: About, lit_ms: number, { almanac }: Saying): Duty => ({
	...about,
	href: `/fires/${about.code}/now`,
	is: 'due',
	isNeverLeft: true,
	state: 'burning',
	says: `Lit ${sayFromNow(lit_ms, almanac)}. Somebody stands beside it until it is proven out.`,
	act: 'To the fire',
	told: ['fire is burning', 'fires are burning']
});

/** Put out, and what came out not measured: its looks come first all the same. */
const quenched = (
	{ burn, proof }: BurnLine,
	about: About,
	now_ms: number,
	{ almanac }: Saying
): Duty => ({
	...about,
	href: `/fires/${about.code}/now`,
	is: 'wrong',
	state: 'not proven out',
	says: `Quenched ${sayFromNow(burn.lit?.quenched?.at_ms ?? now_ms, almanac)}. ${proof ? `${proofReason(proof)} ${nextCheckWords(proof, almanac)} ` : ''}What came out is not measured yet.`,
	act: 'Check it now',
	told: ['fire is not proven out', 'fires are not proven out'],
	clock: { does: 'Check', due_ms: proof?.next?.at_ms ?? now_ms }
});

const planned = (about: About, for_ms: number, { almanac }: Saying): Duty => ({
	...about,
	is: 'next',
	title: `Burn ${about.code} in ${about.name}`,
	state: 'planned',
	says: `Planned for ${sayDay(for_ms, almanac)}.`,
	clock: { does: 'Burn', due_ms: for_ms }
});

/** A moment that is past and still wanted stands at the start of the axis. */
function momentsOf({ burn, proof }: BurnLine, now_ms: number): readonly Moment[] {
	const planned_ms = burn.record || burn.lit ? undefined : burn.plan?.plannedFor_ms;
	const next_ms = proof?.next?.at_ms;
	const indoors_ms = proof?.storedFrom_ms;
	return [
		...(planned_ms === undefined
			? []
			: [{ is: 'planned burn', at_ms: Math.max(now_ms, planned_ms) }]),
		...(next_ms === undefined
			? []
			: [{ is: 'check due', at_ms: Math.max(now_ms, next_ms), pressing: true }]),
		...(indoors_ms === undefined || indoors_ms < now_ms
			? []
			: [{ is: 'may go indoors', at_ms: indoors_ms }])
	];
}
