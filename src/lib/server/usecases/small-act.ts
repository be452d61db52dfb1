import type { Envelope } from '../../input/act';
import type { SmallInput } from '../../input/small';
import { smallActOf, type SmallAct } from '../../input/small-acts';
import { inOrder, judge, type Caution } from '../../core/cautions';
import { readingRules, warmthOf } from '../../core/kinds';
import { localDay } from '../../core/time';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import type { FoundOf, What } from '../db/findings';
import type { Stamp } from '../db/ledger';
import { thingAt } from '../questions/things';
import { perform, refuse, type Outcome } from './act';
import { lotOrRefuse } from './gates';
import { smallCautions } from './small-cautions';
import { smallRules, type SmallThing } from './small-rules';

/** An act that writes down a finding of one thing and moves nothing, by its declaration. */
export function doSmall(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SmallInput
): Outcome {
	const act = smallActOf(input.verb);
	return perform(books, now_ms, act.verb, envelope, { ...input }, () => {
		const field = act.fields[0]?.name ?? 'code';
		const thing = thingOrRefuse(books, input, field, envelope.happenedAt_ms);
		if (!act.on.includes(thing.kind))
			refuse(field, refusalOf(act), { code: thing.name, name: thing.name });
		const cautions = inOrder([
			...judgeReadings(books, envelope, act, thing, input.found),
			...(smallCautions[act.verb]?.(books, thing, input.found, envelope.happenedAt_ms) ?? [])
		]);
		const also = smallRules[act.verb]?.(books, thing, input.found, envelope.happenedAt_ms);
		const firstDay = act.holds
			? (input.firstDay ?? localDay(books.settings.current().timeZone, envelope.happenedAt_ms))
			: undefined;
		if (input.lastDay !== undefined && firstDay !== undefined && input.lastDay < firstDay)
			refuse('lastDay', 'ends-before');
		return {
			path: pathOf(thing.kind, thing.name),
			cautions,
			write: (stamp: Stamp) => {
				books.findings.insert({
					actId: stamp.actId,
					thingId: thing.id,
					what: act.what as What,
					found: input.found as FoundOf[What],
					firstDay,
					lastDay: input.lastDay,
					...(input.way === undefined ? {} : { way: input.way })
				});
				also?.(stamp);
			}
		};
	});
}

/** What no such thing can read is refused; what lies far from the last reading is asked back. */
function judgeReadings(
	books: Books,
	envelope: Envelope,
	{ what, fields }: SmallAct,
	{ id, kind }: SmallThing,
	found: SmallInput['found']
): readonly Caution[] {
	const known = books.findings.of(id, what as What);
	const last = known.find(({ at_ms }) => at_ms <= envelope.happenedAt_ms)?.found;
	return fields.flatMap((field) => {
		if (!('reads' in field) || typeof found[field.key] !== 'number') return [];
		const now = Number(found[field.key]);
		const before = Number((last as SmallInput['found'] | undefined)?.[field.key]);
		const isWarmth = field.reads.reads === 'temperature';
		const { low_c, high_c } = warmthOf(kind);
		if (isWarmth && (now < low_c || now > high_c))
			refuse(field.name, 'out-of-range-temperature', { low: low_c, high: high_c });
		const step = isWarmth ? warmthOf(kind).step_k : field.step;
		return judge(readingRules, {
			now,
			before: Number.isFinite(before) ? before : undefined,
			step,
			isWarmth
		});
	});
}

/** "B3 is no stack." where it is done with one kind only. */
const refusalOf = ({ on }: SmallAct): string =>
	(on.length === 1 ? noneOf[on[0]!] : undefined) ?? 'not-done-with-it';
const noneOf: Readonly<Record<string, string>> = {
	brew: 'no-brew',
	stack: 'no-stack',
	charge: 'no-batch'
};

function thingOrRefuse(
	books: Books,
	{ of, name }: SmallInput,
	field: string,
	at_ms: number
): SmallThing {
	if (of === 'lot') {
		const lot = lotOrRefuse(books, name, field, at_ms);
		return { id: lot.id, kind: lot.kind, name: lot.code, lot };
	}
	const found = thingAt(books, of, name);
	if (found && found.of === 'fire') return { id: found.id, kind: 'burn', name: found.name };
	if (found && found.of !== 'lot' && found.of !== 'fire')
		return { id: found.id, kind: found.of, name: found.name };
	const unknown = { fire: 'unknown-burn', bed: 'unknown-bed', vessel: 'no-vessel' } as const;
	return refuse(field, unknown[of as keyof typeof unknown] ?? 'unknown-thing', {
		code: name,
		name
	});
}
