import type { Envelope } from '../../input/act';
import type { JoinStacksInput, SplitStackInput } from '../../input/woodyard';
import { mostOf } from '../../core/fires';
import { dryKg, type Amount } from '../../core/ledger';
import { kgDry, litres, inLitres } from '../../core/units';
import { dryOfAll, partOfWood, type StackMeasure } from '../../core/woodyard';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from './gates';

/** A stack, and so much of it as is shifted. */
function shifted(
	books: Books,
	code: string,
	part: SplitStackInput['part'],
	field: string,
	at_ms: number
) {
	const lot = lotOrRefuse(books, code, field, at_ms);
	const stack = lot.kind === 'stack' ? books.woodyard.maybeOne(lot.code) : null;
	if (!stack) return refuse(field, 'no-stack', { code: lot.code });
	refuseHeld(books, lot, field);
	const volume_ul = partOf(books, lot, part, field);
	return { lot, stack, taken: takenOf(books, lot, volume_ul, at_ms) };
}

type Shifted = ReturnType<typeof shifted>;

/** A part of a stack goes on by itself, as wet and as doubtful as the whole. */
export function splitStack(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SplitStackInput
): Outcome {
	return perform(books, now_ms, 'split-stack', envelope, { ...input }, () => {
		const part = shifted(books, input.code, input.part, 'part', envelope.happenedAt_ms);
		if (part.taken.volume_ul === part.lot.volume_ul)
			refuse('part', 'split-all', { code: input.code });
		const [reading] = books.woodyard.readings(part.lot.id);
		const cover = books.findings.of(part.lot.id, 'cover')[0]?.found.cover;
		return lay(books, [part], part.stack.name, (stamp, lotId) => {
			if (cover)
				books.findings.insert({
					actId: stamp.actId,
					thingId: lotId,
					what: 'cover',
					found: { cover }
				});
			if (reading)
				books.woodyard.insertReading({
					actId: stamp.actId,
					lotId,
					method: reading.method,
					pieces: reading.pieces
				});
		});
	});
}

/** Two stacks laid together: one new stack, whose moisture is to be read anew. */
export function joinStacks(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: JoinStacksInput
): Outcome {
	return perform(books, now_ms, 'join-stacks', envelope, { ...input }, () => {
		if (input.code === input.other) refuse('other', 'same-lot', { code: input.code });
		const at_ms = envelope.happenedAt_ms;
		const parts = [input.code, input.other].map((code) =>
			shifted(books, code, 'all', 'other', at_ms)
		);
		return lay(books, parts, parts.map(({ stack }) => stack.name).join(' and '), () => undefined);
	});
}

/** What was shifted becomes a stack: of the form and wood of most of it. */
function lay(
	books: Books,
	parts: readonly Shifted[],
	name: string,
	also: (stamp: Stamp, lotId: number) => void
) {
	const code = books.ledger.nextCode('stack');
	const largest = [...parts].sort((a, b) => dryOf(b) - dryOf(a))[0]!;
	const volume_ul = parts.reduce((sum, { taken }) => sum + taken.volume_ul, 0);
	const from = parts.map(({ lot }) => lot.code).join(' and ');
	const measure: StackMeasure = {
		size: { by: 'measures', litres: litres(inLitres(volume_ul)), typed: `from ${from}` },
		form: largest.stack.measure.form,
		wood:
			mostOf(
				parts.map(({ stack, taken }) => ({
					kind: stack.measure.wood,
					dry_g: dryKg(taken.contents) * 1000
				}))
			) ?? 'mixed',
		seasoned: parts.every(({ stack }) => stack.measure.seasoned),
		...(parts.every(({ stack }) => stack.measure.standingDead) ? { standingDead: true } : {})
	};
	const dry = dryOfAll(
		parts.map(({ lot, stack, taken }) => ({
			code: lot.code,
			name: lot.name,
			form: stack.measure.form,
			wood: stack.measure.wood,
			dry: partOfWood(stack.measured, kgDry(dryKg(taken.contents)))
		})),
		'oven-dry wood'
	);
	return {
		path: `/woodyard/${code}`,
		write: (stamp: Stamp) => {
			const lotId = books.ledger.insertLot({ code, kind: 'stack', name, actId: stamp.actId });
			const rest = {
				actId: stamp.actId,
				suspicion: 'none' as const,
				isBrands: false,
				walnut: parts.some(({ stack }) => stack.walnut),
				dry
			};
			books.woodyard.insert(lotId, measure, rest);
			const lines = parts.flatMap(({ lot, taken }) => [
				moves('out', { lotId: lot.id }, taken),
				moves('in', { lotId }, taken)
			]);
			postOrRefuse(books, stamp, lines, 'part');
			also(stamp, lotId);
		}
	};
}

const dryOf = ({ taken }: { readonly taken: Amount }) => dryKg(taken.contents);
